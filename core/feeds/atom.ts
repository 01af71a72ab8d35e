import { pictureAddress, productAddress } from '../catalogue/productData.ts';
import { formatMoney } from '../catalogue/money.ts';
import { feedPath, type Feed } from './feed.ts';

/** XML 1.0 has no other control characters. */
const UNFIT = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/g;
/** Half of what writes one letter. */
const HALF = /[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g;

/** A text as XML has it, whatever is in it; a return that is not written as a number is read as another end of line. */
const xml = (text: string): string =>
  text
    .replace(UNFIT, '')
    .replace(HALF, '')
    .replace(/[&<>"'\r]/g, (c) => `&#${c.charCodeAt(0)};`);

const tag = (name: string, text: string): string => `<${name}>${xml(text)}</${name}>`;

const time = (ms: number): string => new Date(ms).toISOString();

/** RFC 4287. An entry is a product; when it came out is when it was last told of. */
export const atomFeed: Feed = {
  id: 'atom',
  name: 'Feed of products as Atom',
  file: 'products.atom',
  type: 'application/atom+xml',
  begin: ({ name, origin, locale, now }) =>
    `<?xml version="1.0" encoding="UTF-8"?><feed xmlns="http://www.w3.org/2005/Atom" xml:lang="${xml(locale)}">` +
    tag('title', name) +
    tag('id', `${origin}${feedPath(atomFeed)}`) +
    `<link rel="self" href="${xml(`${origin}${feedPath(atomFeed)}`)}"/><link href="${xml(`${origin}/`)}"/>` +
    tag('updated', time(now)) +
    `<author>${tag('name', name)}</author>`,
  item: ({ product, withPrice }, store) => {
    const [picture] = product.pictures;
    const { regular, reduced } = product.price;
    const price = formatMoney(reduced ?? regular, { code: store.currency, locale: store.locale });
    return (
      '<entry>' +
      tag('title', product.title) +
      // It stays when its address is another.
      tag('id', `tag:${new URL(store.origin).hostname},2026:product/${product.id}`) +
      `<link href="${xml(productAddress(product, store))}"/>` +
      (picture
        ? `<link rel="enclosure" type="image/webp" href="${xml(pictureAddress(picture, store))}"/>`
        : '') +
      tag('updated', time(product.onSaleFrom ?? store.now)) +
      (product.category === null ? '' : `<category term="${xml(product.category)}"/>`) +
      tag('summary', [withPrice ? price : '', product.shortText].filter(Boolean).join('. ')) +
      '</entry>'
    );
  },
  end: '</feed>',
};
