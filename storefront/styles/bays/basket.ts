import { totalCss } from './orderLines.ts';

/** Rules of the basket. */
export const basketCss = `
.basket-lines{list-style:none;margin:0;padding:0;border-top:1px solid var(--line)}
.basket-lines li{display:grid;grid-template-columns:72px 1fr auto;gap:4px 18px;align-items:start;padding-block:16px;border-bottom:1px solid var(--line)}.basket-picture{aspect-ratio:4/5;background:var(--card);overflow:hidden;border-radius:3px}.basket-picture img{display:block;width:100%;height:100%;object-fit:cover}.basket-says p{color:var(--quiet);font-size:14px}.basket-says .said{color:var(--reduced);display:block;font-size:14px}.basket-change{grid-column:2/-1;display:flex;flex-wrap:wrap;gap:8px}.basket-cost{grid-row:1;grid-column:3;text-align:end}
@container region (width >= 880px){.basket-lines li{grid-template-columns:96px 1fr auto 7em}.basket-change{grid-column:auto}.basket-cost{grid-column:auto;grid-row:auto}}
${totalCss}
`.replaceAll('\n', '');
