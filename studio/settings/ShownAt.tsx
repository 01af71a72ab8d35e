import { Check } from 'lucide-react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import type { Bands } from '../../core/bands/bands.ts';
import { valueAt, type Varying } from '../../core/bands/varying.ts';
import { useDraft } from '../studioContext.tsx';
import { Switch } from '../ui/Switch.tsx';
import { t } from '../ui/theme.ts';

const Widths = styled.span`
  display: inline-flex;
  flex-wrap: wrap;
  gap: 4px;
  button {
    border: 1px solid ${t.edge};
    background: #fff;
    border-radius: 5px;
    min-height: 24px;
    padding: 0 7px;
    font-size: 12px;
    color: ${t.ink2};
    cursor: pointer;
  }
  button[data-selected] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
    color: ${t.pine};
    font-weight: 600;
  }
  button[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

/** One column for each width, as wide as the switches under it. */
const Heads = styled.div`
  display: flex;
  justify-content: flex-end;
  gap: 4px;
  font-size: 12px;
  line-height: 14px;
  color: ${t.ink2};
  span {
    width: 38px;
    text-align: center;
    overflow-wrap: anywhere;
    align-self: end;
  }
`;

const Under = styled(Widths)`
  flex-wrap: nowrap;
  button {
    width: 38px;
    display: grid;
    place-content: center;
    padding: 0;
  }
`;

/** The most widths whose names stand above their switches; more are named on the switches, and wrap. */
const MOST_HEADS = 4;

/** The names of the widths above a list of things that are on or off at each; its switches are named themselves. */
export function WidthHeads() {
  const bands = useDraft((state) => state.plan.house.bands);
  if (bands.length > MOST_HEADS) return null;
  return (
    <Heads aria-hidden>
      {bands.map(({ id, name }) => (
        <span key={id}>{name}</span>
      ))}
    </Heads>
  );
}

const Both = styled.div`
  display: flex;
  flex-direction: column;
  gap: 5px;
`;

/** One value for each run of bands: what is to be set so that just these are on. */
function runs(bands: Bands, at: (id: string) => boolean): Varying<boolean> {
  const values: Record<string, boolean> = {};
  let before: boolean | undefined;
  for (const { id } of bands) {
    if (at(id) !== before) values[id] = at(id);
    before = at(id);
  }
  return values;
}

export interface WidthsOnProps {
  name: string;
  value: Varying<boolean>;
  onChange(value: Varying<boolean>): void;
  /** Stands under {@link WidthHeads}, which say the names of the widths. */
  underHeads?: boolean;
}

/** The widths at which something is on. A width that is turned on or off changes no other. */
export function WidthsOn({ name, value, onChange, underHeads = false }: WidthsOnProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const isOn = (id: string) => valueAt(value, bands, id);
  const headed = underHeads && bands.length <= MOST_HEADS;
  const Group = headed ? Under : Widths;
  return (
    <Group role="group" aria-label={`${name} at these widths`}>
      {bands.map((band) => (
        <ToggleButton
          key={band.id}
          isSelected={isOn(band.id)}
          onChange={(next) => onChange(runs(bands, (id) => (id === band.id ? next : isOn(id))))}
          aria-label={`${name} on ${band.name}`}
        >
          {headed ? isOn(band.id) && <Check size={14} aria-hidden /> : band.name}
        </ToggleButton>
      ))}
    </Group>
  );
}

/** On or off at every width, or at some of them. */
export function ShownAt({ name, value, onChange }: Omit<WidthsOnProps, 'underHeads'>) {
  const bands = useDraft((state) => state.plan.house.bands);
  const any = bands.some(({ id }) => valueAt(value, bands, id));
  return (
    <Both>
      <Switch on={any} onChange={(next) => onChange(runs(bands, () => next))}>
        {name}
      </Switch>
      {any && <WidthsOn name={name} value={value} onChange={onChange} />}
    </Both>
  );
}
