import { Choice } from '../../ui/Choice.tsx';
import { TypeSamples } from '../../ui/TypeSamples.tsx';
import { Pick } from '../../ui/Pick.tsx';
import type { Controlled } from '../control.ts';

/** More than this, or longer, and they would wrap. */
const MOST_IN_ROW = 4;
const LONGEST_ROW = 34;

/** One of a few: all in sight where they fit into a row, else in a list that opens. */
export function ChoiceControl({
  control,
  label,
  shown,
  value,
  onChange,
}: Controlled<'choice', string | number>) {
  const options = control.options.map((one) => ({
    value: String(one.value),
    words: one.name,
    drawnIn: one.drawnIn,
  }));
  const change = (next: string) => onChange(control.options.find((one) => String(one.value) === next)!.value);
  const letters = options.reduce((sum, { words }) => sum + words.length + 3, 0);
  const inRow = shown && options.length <= MOST_IN_ROW && letters <= LONGEST_ROW;
  const Control = inRow ? Choice : Pick;
  return (
    <>
      {options.some(({ drawnIn }) => drawnIn) && <TypeSamples />}
      <Control label={label} shown={shown} value={String(value)} options={options} onChange={change} />
    </>
  );
}
