import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';
import { FormFields } from './FormFields.tsx';

/** What is ordered, and for whom; what is wrong with what was sent is said where it is. */
export function CheckoutBay({ content: { basket, sent, token } }: BayDrawingProps<'checkout'>) {
  const texts = useTexts();
  const had = basket.lines.filter(({ had: count }) => count > 0);
  if (basket.count === 0)
    return (
      <div className="inner basket">
        {sent?.faults.form && (
          <p className="said" role="alert">
            {sent.faults.form}
          </p>
        )}
        <p>{texts.emptyBasket}</p>
        <a className="button" href="/shop">
          {texts.browse}
        </a>
      </div>
    );
  return (
    <div className="inner checkout">
      <section>
        <ul className="order-lines" role="list">
          {had.map((line) => (
            <li key={line.variantId}>
              <span>
                {line.had} × {line.title}
                {line.choice && `, ${line.choice}`}
                {line.notes.map((note) => (
                  <span key={note} className="said">
                    {note}
                  </span>
                ))}
              </span>
              <span>{line.cost}</span>
            </li>
          ))}
        </ul>
        <p className="basket-total">
          {texts.total} <strong>{basket.total}</strong>
        </p>
        {basket.shipping && <p className="basket-shipping">{basket.shipping}</p>}
      </section>
      <form className="store-form" action="/checkout" method="post">
        <input type="hidden" name="token" value={token} />
        <input type="hidden" name="total" value={basket.totalMinor} />
        <FormFields form="checkout" sent={sent} />
        <p>{texts.noPayment}</p>
        <button className="button">{texts.placeOrder}</button>
      </form>
    </div>
  );
}
