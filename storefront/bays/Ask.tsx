import { LONGEST_EMAIL, LONGEST_MESSAGE, LONGEST_NAME } from '../../core/shopper/forms.ts';
import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';
import { FormField } from './FormField.tsx';

/** A question about a product, to the store. */
export function AskBay({ content: { product, sent, done } }: BayDrawingProps<'ask'>) {
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
          <FormField
            name="name"
            label={texts.yourName}
            most={LONGEST_NAME}
            required
            autoComplete="name"
            sent={sent}
          />
          <FormField
            name="email"
            label={texts.yourEmail}
            type="email"
            most={LONGEST_EMAIL}
            required
            autoComplete="email"
            sent={sent}
          />
          <FormField
            name="message"
            label={texts.yourMessage}
            type="long"
            most={LONGEST_MESSAGE}
            required
            sent={sent}
          />
          <button className="button">{texts.send}</button>
          {back}
        </form>
      )}
    </div>
  );
}
