import { LONGEST_LINK } from '../../../core/plan/link.ts';
import { capital } from '../../../core/sentence/sentence.ts';
import type { ValueKind } from '../../../core/settings/valueKind.ts';
import { Words } from '../../ui/Words.tsx';
import type { Controlled } from '../control.ts';
import { Hint } from '../Stack.tsx';
import { faultOf } from './Text.tsx';

export function LinkControl({
  control,
  label,
  value,
  kind,
  onChange,
}: Controlled<'link', string> & { kind: ValueKind<unknown> }) {
  return (
    <>
      <Words
        label={label}
        value={value}
        longest={LONGEST_LINK}
        placeholder={capital(control.empty)}
        fault={(typed) => faultOf(kind, typed)}
        onChange={onChange}
      />
      <Hint>A page of the store, such as /shop, or any https address.</Hint>
    </>
  );
}
