import { pageKind } from '../pages/index.ts';
import type { PageView } from './view.ts';

/** Whether a page has something to remember of a shopper, or to fill with what was remembered. */
export const asksToRemember = ({ kind, bays }: Pick<PageView, 'kind' | 'bays'>): boolean =>
  pageKind(kind).needs === 'product' || bays.some(({ personal }) => personal);
