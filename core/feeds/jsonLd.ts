import { productData } from '../catalogue/productData.ts';
import { feedPath, type Feed } from './feed.ts';

/** JSON-LD 1.1 with the words of schema.org: a DataFeed of products. */
export const jsonLdFeed: Feed = {
  id: 'jsonLd',
  name: 'Feed of products as JSON-LD',
  file: 'products.jsonld',
  type: 'application/ld+json',
  begin: ({ name, origin, locale, now }) =>
    JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'DataFeed',
      '@id': `${origin}${feedPath(jsonLdFeed)}`,
      name,
      inLanguage: locale,
      dateModified: new Date(now).toISOString(),
    }).replace(/\}$/, ',"dataFeedElement":['),
  item: ({ product, withPrice }, store, first) =>
    `${first ? '' : ','}\n${JSON.stringify({ '@type': 'DataFeedItem', item: productData(product, store, withPrice) })}`,
  end: '\n]}\n',
};
