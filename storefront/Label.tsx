import type { LabelView } from '../core/label/labelKind.ts';
import { renditionAddress, renditionWidths } from '../core/picture/renditions.ts';

/** Sharp on screens with so many pixels to one of theirs. */
const DENSITY = 2;

/** A mark of a product: words on a ground, or a picture that says them. */
export function Label({ label: { id, kind, text, own, picture } }: { label: LabelView }) {
  const names = ['label', `label-${kind}`, own && `of-${id}`, picture && 'pictured'];
  const { facts, widthPx, heightPx } = picture ?? {};
  const widths = facts ? renditionWidths(facts.width) : [];
  return (
    <span className={names.filter(Boolean).join(' ')}>
      {facts ? (
        <img
          src={renditionAddress(facts, widths.find((width) => width >= DENSITY * widthPx!) ?? widths.at(-1)!)}
          width={widthPx}
          height={heightPx}
          alt={text}
          loading="lazy"
        />
      ) : (
        text
      )}
    </span>
  );
}
