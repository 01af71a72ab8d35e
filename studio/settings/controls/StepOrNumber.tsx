import type { ReactNode } from 'react';
import styled from 'styled-components';
import type { Bands } from '../../../core/bands/bands.ts';
import { stepPx, steps as allSteps, type Scale, type Steps } from '../../../core/style/scale.ts';
import { useDraft } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import type { Controlled } from '../control.ts';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 4px 8px;
`;

/** It is given in px. */
const IN_PX = 'px';

/** What a step comes to from the narrowest width to the widest. */
export function stepRange(id: string, scale: Scale, bands: Bands): string {
  const all = bands.map((band) => stepPx(id, scale, bands, band.id));
  const [least, most] = [Math.min(...all), Math.max(...all)];
  return least === most ? `${least} px` : `${least} to ${most} px`;
}

export interface StepOrNumberProps extends Controlled<'number', number | string> {
  steps: Steps;
  /** The control of px, where it is in px. */
  children: ReactNode;
}

/** A length: a step of the house, which it follows, or px. */
export function StepOrNumber({ steps, value, label, shown, control, onChange, children }: StepOrNumberProps) {
  const { scale, bands } = useDraft(({ plan }) => plan.house);
  const isStep = typeof value === 'string';
  const offered = allSteps[steps].map(({ id, name }) => ({
    value: id,
    words: `${name}, ${stepRange(id, scale, bands)}`,
  }));
  const choose = (id: string) => {
    if (id !== IN_PX) onChange(id);
    else if (isStep) {
      const px = stepPx(value, scale, bands, bands[0]!.id);
      onChange(Math.min(control.most, Math.max(control.least, px)));
    }
  };
  return (
    <Row>
      {children}
      <Pick
        label={isStep ? label : `${label}, from the ${steps === 'sizes' ? 'size' : 'space'} scale`}
        shown={isStep && shown}
        value={isStep ? value : IN_PX}
        options={[{ value: IN_PX, words: 'In px' }, ...offered]}
        onChange={choose}
      />
    </Row>
  );
}
