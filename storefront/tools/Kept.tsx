import type { Parameter } from '../../core/view/address.ts';

/** What a form sends besides its own fields, so that all else that is chosen stays. */
export function Kept({ parameters }: { parameters: readonly Parameter[] }) {
  return parameters.map(([name, value]) => (
    <input key={`${name} ${value}`} type="hidden" name={name} value={value} />
  ));
}
