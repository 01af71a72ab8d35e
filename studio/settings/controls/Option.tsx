import { useStudio } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import type { Controlled } from '../control.ts';

const NONE = 'none';

/** One of the store's options, such as a glaze or a size, or none in particular. */
export function OptionControl({
  control,
  label,
  shown,
  value,
  onChange,
}: Controlled<'option', number | null>) {
  const { options } = useStudio().vocabulary;
  const known = options.map(({ id, name }) => ({ value: String(id), words: name }));
  const isGone = value !== null && !options.some(({ id }) => id === value);
  return (
    <Pick
      label={label}
      shown={shown}
      value={value === null ? NONE : String(value)}
      options={[
        { value: NONE, words: control.none },
        ...known,
        ...(isGone ? [{ value: String(value), words: 'An option that is gone' }] : []),
      ]}
      onChange={(id) => onChange(id === NONE ? null : Number(id))}
    />
  );
}
