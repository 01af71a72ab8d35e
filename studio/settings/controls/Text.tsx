import { capital } from '../../../core/sentence/sentence.ts';
import type { ValueKind } from '../../../core/settings/valueKind.ts';
import { Words } from '../../ui/Words.tsx';
import type { Controlled } from '../control.ts';

/** What is wrong with a text, by the schema of its kind of value; null where nothing is. */
export function faultOf(kind: ValueKind<unknown>, value: unknown): string | null {
  try {
    kind.schema.validateSync(value, { strict: true });
    return null;
  } catch (error) {
    return (error as Error).message;
  }
}

export function TextControl({
  control,
  label,
  value,
  kind,
  onChange,
}: Controlled<'text', string> & { kind: ValueKind<unknown> }) {
  return (
    <Words
      label={label}
      value={value}
      longest={control.longest}
      long={control.long}
      placeholder={capital(control.empty)}
      fault={(typed) => faultOf(kind, typed)}
      onChange={onChange}
    />
  );
}
