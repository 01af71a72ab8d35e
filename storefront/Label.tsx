import type { LabelView } from '../core/label/labelKind.ts';
import { SmallPicture } from './SmallPicture.tsx';

/** A mark of a product: words on a ground, or a picture that says them. */
export function Label({ label: { id, kind, text, own, picture } }: { label: LabelView }) {
  const names = ['label', `label-${kind}`, own && `of-${id}`, picture && 'pictured'];
  return (
    <span className={names.filter(Boolean).join(' ')}>
      {picture ? <SmallPicture picture={picture} alt={text} /> : text}
    </span>
  );
}
