import { Picture } from '../Picture.tsx';
import { QuantityField } from '../QuantityField.tsx';
import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';

/** A basket: each line can be changed by itself, without script. */
export function BasketBay({ content: { basket } }: BayDrawingProps<'basket'>) {
  const texts = useTexts();
  return (
    <div className="inner basket" data-basket={basket.count}>
      {basket.notes.map((note) => (
        <p key={note} className="said" role="status">
          {note}
        </p>
      ))}
      {basket.lines.length === 0 ? (
        <>
          <p>{texts.emptyBasket}</p>
          <a className="button" href="/shop">
            {texts.browse}
          </a>
        </>
      ) : (
        <>
          <ul className="basket-lines" role="list">
            {basket.lines.map((line) => (
              <li key={line.variantId} data-variant={line.variantId}>
                <div className="basket-picture">
                  {line.picture && <Picture picture={line.picture} sizes="96px" fills eager={false} alt="" />}
                </div>
                <div className="basket-says">
                  <a href={line.href}>{line.title}</a>
                  {line.choice && <p>{line.choice}</p>}
                  <p>{texts.each(line.each)}</p>
                  {line.notes.map((note) => (
                    <p key={note} className="said">
                      {note}
                    </p>
                  ))}
                </div>
                <form className="basket-change" action="/basket" method="post">
                  <input type="hidden" name="variant" value={line.variantId} />
                  <QuantityField
                    label={texts.quantityOf(line.title)}
                    most={line.most}
                    value={Math.min(line.wanted, line.most)}
                  />
                  <button className="act leads" name="do" value="set" aria-label={texts.changeOf(line.title)}>
                    {texts.change}
                  </button>
                  <button
                    className="act leads"
                    name="do"
                    value="remove"
                    formNoValidate
                    aria-label={texts.removeOf(line.title)}
                  >
                    {texts.remove}
                  </button>
                </form>
                <p className="basket-cost">{line.cost}</p>
              </li>
            ))}
          </ul>
          <p className="basket-total">
            {texts.total} <strong>{basket.total}</strong>
          </p>
          {basket.shipping && <p className="basket-shipping">{basket.shipping}</p>}
          {basket.count > 0 && (
            <a className="button" href="/checkout">
              {texts.toCheckout}
            </a>
          )}
        </>
      )}
    </div>
  );
}
