import { useTexts } from '../texts.ts';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

/** What this browser has ordered, each a link to all that is in it. */
export function OrdersBay({ bay, content: { orders } }: BayDrawingProps<'orders'>) {
  const texts = useTexts();
  return (
    <div className="inner">
      <BayHeading heading={bay.heading} />
      {orders.length === 0 ? (
        <p>{texts.nothingOrdered}</p>
      ) : (
        <ul className="order-lines" role="list">
          {orders.map(({ number, placed, count, total, href }) => (
            <li key={number}>
              <span>
                <a href={href}>{texts.orderNumbered(String(number))}</a>, {placed}, {texts.inOrder(count)}
              </span>
              <span>{total}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
