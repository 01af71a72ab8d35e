import type { StoreTexts } from '../../texts/storeTexts.ts';
import { choice } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { buttonPart, type ButtonSays } from '../button.ts';
import { buttonShows } from '../buttonShows.ts';
import { buttonWords } from '../buttonWords.ts';
import { buttonWidth, buttonWidthCss } from '../buttonWidth.ts';
import { faceOf } from '../item.ts';
import { partKindOf } from '../partKind.ts';
import type { SellingBy } from '../../catalogue/selling.ts';

interface Said extends ButtonSays {
  /** The variant that it puts into the basket; null where it leads somewhere instead. */
  variantId: number | null;
  href: string;
  /** What it does with which product, for who cannot see where it stands. */
  name: string;
}

/** What it does for a product that has to be chosen first, or is sold in another way. */
const leads: Record<Exclude<SellingBy, 'none'>, (slug: string, texts: StoreTexts) => [string, string]> = {
  basket: (slug, texts) => [texts.chooseOptions, `/product/${slug}`],
  quote: (slug, texts) => [texts.askQuote, `/ask/${slug}`],
};

export const basketPart = partKindOf({
  id: 'basket',
  of: ['products'],
  name: 'Basket button',
  find: ['basket', 'buy', 'button', 'add', 'quote', 'order'],
  atFirst: false,
  settings: {
    ...buttonWidth('Basket button'),
    ...buttonWords(
      'Basket button',
      'Where a product has to be chosen first, or is sold by quote, the button says that instead.',
    ),
    ...buttonShows('Basket button'),
    by: setting(
      choice({ store: 'As the store does', basket: 'Into the basket', quote: 'Asks for a quote' }),
      'store',
      {
        name: 'Basket button: what it does',
        find: ['quote', 'basket', 'buy'],
        about: 'Where the store sells nothing, there is no button.',
      },
    ),
  },
  column: { align: 'center', share: 0, least: 160 },
  needs: ['buy'],
  ...buttonPart<Said>(),
  reads: ({ words, shows, by }) => ({ words: words.trim(), shows, by }),
  view: (item, own, { selling, texts }): Said | null => {
    if (item.of !== 'products' || selling.by === 'none') return null;
    const { product } = item;
    const by = own.by === 'store' || selling.by === 'quote' ? selling.by : own.by;
    if (by === 'basket' && product.stock.state === 'out') return null;
    const adds = by === 'basket' && product.buy && !product.buy.choose ? product.buy.variantId : null;
    const [words, href] =
      adds === null ? leads[by](product.slug, texts) : [own.words || texts.addToBasket, faceOf(item).href];
    return {
      variantId: adds,
      href,
      words,
      icon: own.shows === 'words' ? null : by === 'quote' ? 'ask' : 'basket',
      showsWords: own.shows !== 'icon',
      name: `${words}: ${product.title}`,
    };
  },
  css: (scope, { width }) => buttonWidthCss(scope, 'basket', width),
  say: ({ by }) => (by === 'quote' ? 'button that asks for a quote' : 'basket button'),
});
