import { orderLinesCss, totalCss } from './orderLines.ts';

/** Rules of a placed order. */
export const orderCss = `
${orderLinesCss}${totalCss}
`.replaceAll('\n', '');
