import { orderLinesCss, totalCss } from './orderLines.ts';

/** Rules of the checkout. */
export const checkoutCss = `
.checkout{display:grid;gap:32px 56px;align-items:start}.checkout>*{max-width:640px}@container region (width >= 880px){.checkout{grid-template-columns:repeat(2,minmax(0,1fr))}}
.checkout section>p{margin-top:16px}
${orderLinesCss}${totalCss}
`.replaceAll('\n', '');
