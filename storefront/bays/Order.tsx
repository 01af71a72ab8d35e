import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';

/** The order that was just placed. */
export function OrderBay({ content: { order } }: BayDrawingProps<'order'>) {
  const texts = useTexts();
  if (!order) return null;
  return (
    <div className="inner checkout">
      <section>
        <p className="thanks" role="status">
          {texts.orderPlaced(String(order.number))}
        </p>
        <ul className="order-lines" role="list">
          {order.lines.map(({ title, choice, href, quantity, cost }) => (
            <li key={`${title} ${choice}`}>
              <span>
                {quantity} × <a href={href}>{title}</a>
                {choice && `, ${choice}`}
              </span>
              <span>{cost}</span>
            </li>
          ))}
        </ul>
        <p className="basket-total">
          {texts.total} <strong>{order.total}</strong>
        </p>
        <p>{texts.orderFollows}</p>
      </section>
    </div>
  );
}
