import { ONLY_FIELD } from '../../core/table/rowsForm.ts';
import { ButtonFace, ButtonLink } from './Button.tsx';
import type { PartDrawing } from './partDrawing.ts';

/** A form of its own, so that it works without script; what a quantity beside it says is sent along. */
export const drawBasket: PartDrawing<'basket'> = (
  { variantId, href, name, ...says },
  { formId, rowsFormId },
) =>
  variantId === null ? (
    <div className="part-basket">
      <ButtonLink says={says} href={href} name={name} />
    </div>
  ) : rowsFormId ? (
    <div className="part-basket">
      <button
        className={says.showsWords ? 'act' : 'act icon'}
        form={rowsFormId}
        name={ONLY_FIELD}
        value={variantId}
        aria-label={name}
      >
        <ButtonFace says={says} />
      </button>
    </div>
  ) : (
    <form className="part-basket" id={formId} action="/basket" method="post">
      <input type="hidden" name="variant" value={variantId} />
      <button className={says.showsWords ? 'act' : 'act icon'} aria-label={name}>
        <ButtonFace says={says} />
      </button>
    </form>
  );
