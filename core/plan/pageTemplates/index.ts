import { allGoodsTemplate } from './allGoods.ts';
import { contactTemplate } from './contact.ts';
import { emptyTemplate } from './empty.ts';
import { everythingTemplate } from './everything.ts';
import { goodsFirstTemplate } from './goodsFirst.ts';
import { landingTemplate } from './landing.ts';
import { lookbookTemplate } from './lookbook.ts';
import type { PageTemplate } from './pageTemplate.ts';
import { saleTemplate } from './sale.ts';

/** Everything that a page of the owner's own can start from, in the order offered; to add one, list it here. */
export const pageTemplates: readonly PageTemplate[] = [
  emptyTemplate,
  landingTemplate,
  saleTemplate,
  lookbookTemplate,
  everythingTemplate,
  contactTemplate,
];

/** What the home page of a new store can start from. */
export const homeTemplates: readonly PageTemplate[] = [
  landingTemplate,
  goodsFirstTemplate,
  allGoodsTemplate,
  lookbookTemplate,
];
