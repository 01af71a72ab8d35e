import { formatMoney, type Currency } from '../../core/catalogue/money.ts';
import type { Basket } from '../../core/shopper/basket.ts';
import { orderOf } from '../../core/shopper/order.ts';
import type { StoreTexts } from '../../core/texts/storeTexts.ts';

/** What a shopper is written about an order that was placed. */
export function orderMessage(
  number: number,
  basket: Basket,
  note: string,
  currency: Currency,
  texts: StoreTexts,
): { subject: string; body: string } {
  const { lines, total } = orderOf(number, basket);
  const said = lines.map(
    ({ quantity, title, choice, cost }) =>
      `${quantity} × ${[title, choice].filter(Boolean).join(', ')}: ${formatMoney(cost, currency)}`,
  );
  return {
    subject: texts.orderSubject(String(number)),
    body: [
      texts.orderPlaced(String(number)),
      said.join('\n'),
      `${texts.total}: ${formatMoney(total, currency)}`,
      ...(note ? [`${texts.note}: ${note}`] : []),
    ].join('\n\n'),
  };
}
