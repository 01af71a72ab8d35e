import { RotateCcw } from 'lucide-react';
import { memo, type ReactNode } from 'react';
import styled from 'styled-components';
import { resolve, type Varying } from '../../../../core/bands/varying.ts';
import { bandById, type Band } from '../../../../core/bands/bands.ts';
import type { Bay } from '../../../../core/plan/bays/index.ts';
import type { Target } from '../../../../core/plan/commands.ts';
import type { Page } from '../../../../core/plan/page.ts';
import type { Shelf } from '../../../../core/plan/shelf.ts';
import type { BayView } from '../../../../core/view/view.ts';
import { useDraft, useStudio } from '../../../studioContext.tsx';
import { QuietButton } from '../../../ui/Button.tsx';
import { Choice, Stepper, Switch } from '../../../ui/fields.tsx';
import { Pick } from '../../../ui/Pick.tsx';
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

/** One of a few words for a setting; the words stand in the order in which they are given. */
export function SettingChoice<V extends string>({
  id,
  label,
  value,
  words,
  on,
}: {
  id: string;
  label: string;
  value: V;
  words: Readonly<Record<V, string>>;
  on: Target;
}) {
  const set = useSet(on);
  return (
    <SettingBox id={id}>
      <Choice
        label={label}
        value={value}
        options={(Object.entries(words) as [V, string][]).map(([one, said]) => ({ value: one, words: said }))}
        onChange={(next) => set(id, next)}
      />
    </SettingBox>
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

export interface VaryingRowsProps<T> {
  id: string;
  title: string;
  value: Varying<T>;
  /** Other ids that lead here too. */
  also?: string;
  /** Bands that it has a meaning at; every one where it is not given. */
  at?: readonly string[];
  /** The control of one band, with what lets the value go beside it where it has one of its own. */
  children(band: Band, at: { value: T; inherits: boolean; first: boolean }): ReactNode;
}

/** Something that is set at each band; where it is not, the narrower one holds and says so. */
export function VaryingRows<T>({ id, title, value, also = '', at, children }: VaryingRowsProps<T>) {
  const bands = useDraft((state) => state.plan.house.bands);
  return (
    <div data-setting={`${id} ${also}`.trim()} role="group" aria-label={title}>
      <Title>{title}</Title>
      {bands.map((band, i) => {
        if (at && !at.includes(band.id)) return null;
        const { value: now, setAt } = resolve(value, bands, band.id);
        const inherits = setAt !== band.id;
        return (
          <Row key={band.id}>
            <span className="width">
              <b>{band.name}</b>
              <span>{inherits ? `as on ${bandById(bands, setAt)!.name}` : ' '}</span>
            </span>
            {children(band, { value: now, inherits, first: i === 0 })}
          </Row>
        );
      })}
    </div>
  );
}

export interface VaryingStepperProps {
  id: string;
  title: string;
  on: Target;
  value: Varying<number>;
  least: number;
  most: number;
  step?: number;
  also?: string;
  at?: readonly string[];
}

/** A number at each band. */
export function VaryingStepper({ on, least, most, step = 1, ...rows }: VaryingStepperProps) {
  return (
    <VaryingRows {...rows}>
      {(band, { value, inherits, first }) => (
        <BandStepper
          on={on}
          id={rows.id}
          title={rows.title}
          bandId={band.id}
          bandName={band.name}
          value={value}
          inherits={inherits}
          first={first}
          least={least}
          most={most}
          step={step}
        />
      )}
    </VaryingRows>
  );
}

export interface VaryingChoiceProps<V extends string> {
  id: string;
  title: string;
  on: Target;
  value: Varying<V>;
  options: readonly { value: V; words: string }[];
  also?: string;
  at?: readonly string[];
}

/** One of a few at each band. */
export function VaryingChoice<V extends string>({ on, options, ...rows }: VaryingChoiceProps<V>) {
  const set = useSet(on);
  return (
    <VaryingRows {...rows}>
      {(band, { value, inherits, first }) => (
        <>
          <Pick
            label={`${rows.title} on ${band.name}`}
            shown={false}
            value={value}
            options={options}
            onChange={(next) => set(rows.id, next, band.id)}
          />
          {!first && !inherits ? (
            <LetGo band={band.name} what={rows.title} onPress={() => set(rows.id, undefined, band.id)} />
          ) : (
            <span />
          )}
        </>
      )}
    </VaryingRows>
  );
}

/** Yes or no at each band. */
export function VaryingSwitch({
  on,
  ...rows
}: {
  id: string;
  title: string;
  on: Target;
  value: Varying<boolean>;
  also?: string;
  at?: readonly string[];
}) {
  const set = useSet(on);
  return (
    <VaryingRows {...rows}>
      {(band, { value, inherits, first }) => (
        <>
          <Switch
            label={`${rows.title} on ${band.name}`}
            on={value}
            onChange={(next) => set(rows.id, next, band.id)}
          />
          {!first && !inherits ? (
            <LetGo band={band.name} what={rows.title} onPress={() => set(rows.id, undefined, band.id)} />
          ) : (
            <span />
          )}
        </>
      )}
    </VaryingRows>
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
