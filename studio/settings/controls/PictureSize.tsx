import { useDraft } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import type { Controlled } from '../control.ts';
import { Hint } from '../Stack.tsx';

/** One of the store's sizes of pictures. */
export function PictureSizeControl({ label, shown, value, onChange }: Controlled<'pictureSize', string>) {
  const sizes = useDraft((state) => state.plan.house.pictureSizes);
  const isGone = !sizes.some(({ id }) => id === value);
  return (
    <>
      <Pick
        label={label}
        shown={shown}
        value={value}
        options={[
          ...sizes.map(({ id, name, width, height }) => ({
            value: id,
            words: `${name}, ${width} × ${height} px`,
          })),
          ...(isGone ? [{ value, words: 'A size that is gone' }] : []),
        ]}
        onChange={onChange}
      />
      {isGone && <Hint>Pictures go by their ratio until another is chosen.</Hint>}
    </>
  );
}
