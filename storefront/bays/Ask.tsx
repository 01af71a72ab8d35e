import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';
import { FormFields } from './FormFields.tsx';

/** A question about a product, to the store. */
export function AskBay({ content: { product, sent, done, asksQuote } }: BayDrawingProps<'ask'>) {
  const texts = useTexts();
  if (!product) return null;
  const back = (
    <p>
      <a href={`/product/${product.slug}`}>{texts.backTo(product.title)}</a>
    </p>
  );
  return (
    <div className="inner checkout">
      {done ? (
        <section>
          <p className="thanks" role="status">
            {texts.messageSent}
          </p>
          {back}
        </section>
      ) : (
        <form className="store-form" action={`/ask/${product.slug}`} method="post">
          <p>{product.title}</p>
          {/* People leave this one empty; what fills in everything it finds does not. */}
          <div className="skip" aria-hidden="true">
            <input name="website" tabIndex={-1} autoComplete="off" />
          </div>
          {asksQuote && <input type="hidden" name="for" value="quote" />}
          <FormFields form="ask" sent={sent} />
          <button className="button">{texts.send}</button>
          {back}
        </form>
      )}
    </div>
  );
}
