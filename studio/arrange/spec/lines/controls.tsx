import { RotateCcw } from 'lucide-react';
import { memo, type ReactNode } from 'react';
import styled from 'styled-components';
import { resolve, type Varying } from '../../../../core/bands/varying.ts';
import { bandById } from '../../../../core/bands/bands.ts';
import type { Bay } from '../../../../core/plan/bays/index.ts';
import type { Target } from '../../../../core/plan/commands.ts';
import type { Page } from '../../../../core/plan/page.ts';
import type { Shelf } from '../../../../core/plan/shelf.ts';
import type { BayView } from '../../../../core/view/view.ts';
import { useDraft, useStudio } from '../../../studioContext.tsx';
import { QuietButton } from '../../../ui/Button.tsx';
import { Stepper } from '../../../ui/fields.tsx';
import { t } from '../../../ui/theme.ts';

/** What the controls of a line are given. */
export interface LineProps {
  bay: Bay;
  shelf: Shelf | null;
  drawn: BayView | null;
  page: Page;
}

export const Stack = styled.div`
  display: flex;
  flex-direction: column;
  gap: 14px;
`;

export const Hint = styled.p`
  color: ${t.ink2};
  font-size: 12px;
`;

/** A control with the id of what it sets, so that it can be found and gone to. */
export function SettingBox({ id, children }: { id: string; children: ReactNode }) {
  return <div data-setting={id}>{children}</div>;
}

/** Sets one setting of a shelf, a bay or a page; quick repeats are one step back. */
export function useSet(on: Target): (setting: string, value: unknown, band?: string) => void {
  const { draft } = useStudio();
  return (setting, value, band) =>
    draft.run(
      { do: 'set', on, setting, value, ...(band === undefined ? {} : { band }) },
      typeof value === 'string' ? `${JSON.stringify(on)} ${setting}` : undefined,
    );
}

const Row = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 26px;
  align-items: center;
  gap: 8px;
  padding: 4px 0;
  .width b {
    font-weight: 500;
    display: block;
    line-height: 1.2;
  }
  .width span {
    font: 400 11px/1.2 ${t.measures};
    color: ${t.ink2};
  }
`;

const Title = styled.p`
  font-weight: 500;
`;

export interface BandStepperProps {
  on: Target;
  id: string;
  title: string;
  bandId: string;
  bandName: string;
  value: number;
  /** Taken from a narrower band. */
  inherits: boolean;
  /** The narrowest band, which always has a value. */
  first: boolean;
  least: number;
  most: number;
  step?: number;
}

/** The number of one band, and a way to let it go. Passed over while nothing of it changes. */
export const BandStepper = memo(function BandStepper({
  on,
  id,
  title,
  bandId,
  bandName,
  value,
  inherits,
  first,
  least,
  most,
  step = 1,
}: BandStepperProps) {
  const set = useSet(on);
  return (
    <>
      <Stepper
        label={`${title} on ${bandName}`}
        value={value}
        least={least}
        most={most}
        step={step}
        inherits={inherits}
        wide={most > 99}
        onChange={(next) => set(id, next, bandId)}
      />
      {!first && !inherits ? (
        <LetGo band={bandName} what={title} onPress={() => set(id, undefined, bandId)} />
      ) : (
        <span />
      )}
    </>
  );
});

export interface VaryingStepperProps {
  id: string;
  title: string;
  on: Target;
  value: Varying<number>;
  least: number;
  most: number;
  step?: number;
  /** Other ids that lead here too. */
  also?: string;
}

/** A number at each band; where none is set, the narrower one holds and says so. */
export function VaryingStepper({
  id,
  title,
  on,
  value,
  least,
  most,
  step = 1,
  also = '',
}: VaryingStepperProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  return (
    <div data-setting={`${id} ${also}`.trim()} role="group" aria-label={title}>
      <Title>{title}</Title>
      {bands.map((band, i) => {
        const { value: at, setAt } = resolve(value, bands, band.id);
        const inherits = setAt !== band.id;
        return (
          <Row key={band.id}>
            <span className="width">
              <b>{band.name}</b>
              <span>{inherits ? `as on ${bandById(bands, setAt)!.name}` : ' '}</span>
            </span>
            <BandStepper
              on={on}
              id={id}
              title={title}
              bandId={band.id}
              bandName={band.name}
              value={at}
              inherits={inherits}
              first={i === 0}
              least={least}
              most={most}
              step={step}
            />
          </Row>
        );
      })}
    </div>
  );
}

/** Lets a value of one band go, so that the narrower one holds again. */
export function LetGo({ band, what, onPress }: { band: string; what: string; onPress(): void }) {
  return (
    <QuietButton aria-label={`${what} on ${band}: take it from the narrower width again`} onPress={onPress}>
      <RotateCcw size={13} aria-hidden />
    </QuietButton>
  );
}
