import { onceWhole } from '../../../core/css/onceWhole.ts';

/** Lines of what is ordered, and what they come to. */
export const orderLinesCss = `
.order-lines{list-style:none;margin:0;padding:0;border-top:1px solid var(--line)}
${onceWhole('.order-lines li')}.order-lines li{display:flex;justify-content:space-between;gap:18px;padding-block:11px;border-bottom:1px solid var(--line)}.order-lines li>:last-child{white-space:nowrap}.order-lines .said{color:var(--reduced);display:block;font-size:14px}
`.replaceAll('\n', '');

export const totalCss = `
.basket-total{padding-block:16px 0;text-align:end;font-size:18px}.basket-total strong{font-weight:650;margin-inline-start:12px}.basket-total~.button{float:inline-end}.basket-shipping{padding-block-start:4px;text-align:end;color:var(--quiet);white-space:pre-line}
`.replaceAll('\n', '');
