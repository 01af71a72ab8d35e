import type { BayHolds } from '../../../core/bays/index.ts';
import type { PageView } from '../../../core/view/view.ts';
import { bannerCss } from './banner.ts';
import { basketCss } from './basket.ts';
import { checkoutCss } from './checkout.ts';
import { entryCss } from './entry.ts';
import { jumpCss } from './jump.ts';
import { lineCss } from './line.ts';
import { linksCss } from './links.ts';
import { noticeCss } from './notice.ts';
import { pictureTextCss } from './pictureText.ts';
import { orderCss } from './order.ts';

/** Rules that each kind of bay needs beside those of every page; null where those do. */
const sheets: Readonly<Record<BayHolds, string | null>> = {
  shelf: null,
  banner: bannerCss,
  pictureText: pictureTextCss,
  notice: noticeCss,
  links: linksCss,
  line: lineCss,
  jump: jumpCss,
  // Drawn on any page as a quick view.
  product: null,
  entry: entryCss,
  basket: basketCss,
  checkout: checkoutCss,
  order: orderCss,
  ask: null,
};

/** Rules of all kinds, for what may come to hold any of them. */
export const allBaysCss: string = [...new Set(Object.values(sheets))].filter(Boolean).join('');

/** Rules of the kinds of bay that a page has. */
export const baysCss = ({ bays }: PageView): string =>
  [...new Set(bays.filter(({ empty }) => !empty).map(({ content }) => sheets[content.holds]))]
    .filter(Boolean)
    .join('');
