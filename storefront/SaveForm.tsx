import type { Saving } from '../core/card/saving.ts';
import { ButtonFace } from './parts/Button.tsx';

/** A form of its own, so that it works without script; pressed again, the product is kept no longer. */
export function SaveForm({ productId, saved, name, nameSaved, ...says }: Saving) {
  return (
    <form className="part-save" action="/saved" method="post">
      <input type="hidden" name="product" value={productId} />
      <button
        className={says.showsWords ? 'act leads' : 'act leads icon'}
        aria-pressed={saved}
        aria-label={saved ? nameSaved : name}
        data-save={productId}
        data-named={name}
        data-saved={nameSaved}
      >
        <ButtonFace says={says} />
      </button>
    </form>
  );
}
