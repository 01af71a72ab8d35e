import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { widthOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import { byBand } from '../css/containers.ts';
import { SEEN, UNSEEN } from '../css/unseen.ts';
import { sellsByBasket } from '../group/soldAs.ts';
import { capital, listed } from '../sentence/sentence.ts';
import { setting, varying } from '../settings/setting.ts';
import { choice, yesNo } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { textsFor } from '../texts/index.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

const SHOWN = { words: 'Words', icons: 'Icons', both: 'Icons and words' } as const;
type Shown = keyof typeof SHOWN;

const settings = {
  link: {
    saved: setting(yesNo(), true, {
      name: 'What is saved for later',
      find: ['saved', 'later', 'wish', 'favourites'],
      say: (shown) => (shown ? 'with what is saved' : 'without what is saved'),
    }),
    basket: setting(yesNo(), true, {
      name: 'Basket',
      find: ['basket', 'cart', 'count'],
      say: (shown) => (shown ? 'with the basket' : 'without the basket'),
    }),
    account: setting(yesNo(), false, {
      name: 'Account',
      find: ['account', 'orders', 'shopper'],
      about: 'What this browser ordered, saved and viewed.',
      say: (shown) => (shown ? 'with the account' : 'without the account'),
    }),
  },
  columns: {
    shown: varying(choice<Shown>(SHOWN), 'words', {
      name: 'Shown as',
      find: ['icons', 'words', 'show'],
    }),
  },
};

/** One of a shopper's own places, with the number of what is there. */
export interface OwnLink {
  id: 'saved' | 'basket' | 'account';
  words: string;
  link: string;
}

export interface OwnLinksContent {
  links: readonly OwnLink[];
  shown: Varying<Shown>;
}

/** Whether any of them has an icon at any width. */
export const hasIcons = (shown: Varying<Shown>): boolean =>
  Object.values(shown).some((what) => what !== 'words');

/** As the base sheet of the storefront has them, px. */
const TEXT: TextSize = { fontPx: 15, linePx: 22.5, weight: 400 };
const ENDS_PX = 12;
const BETWEEN_PX = 18;
const ICON_PX = 22;
const INNER_GAP_PX = 6;
/** What a count has room for at least. */
const COUNT_DIGITS = 3;

/** Ways to what a shopper has saved, put into the basket and ordered. */
export const ownLinksBay: BayKind<typeof settings, OwnLinksContent> = {
  id: 'ownLinks',
  name: 'Basket and saved',
  settings,
  defaults: { 'look.above': 0, 'look.below': 0 },
  hasHeading: false,
  elements: ['ownLink'],
  spec: [
    contentLine('link', 'Links', ({ saved, basket, account }) => {
      const all = [saved && 'what is saved', basket && 'the basket', account && 'the account'];
      return [opens(capital(listed(all.filter((one) => one !== false) as string[]) || 'nothing'), 'saved')];
    }),
    contentLine('columns', 'Layout', ({ shown }, names) => [
      opens(
        sayVarying(shown as Varying<Shown>, names, (one) => SHOWN[one]),
        'shown',
      ),
    ]),
    lookLine,
    visibilityLine,
  ],
  addable: false,
  aroundPages: true,
  named: () => 'Basket and saved',
  atFirst: (id) => ({ bay: { id, holds: 'ownLinks' }, shelves: [] }),
  ...withoutShelves,
  pictures: () => [],
  *view({ saved, basket, account, shown }, { plan, store }) {
    const texts = textsFor(plan.house);
    const links: OwnLink[] = [
      ...(saved && store.saves ? [{ id: 'saved' as const, words: texts.savedProducts, link: '/saved' }] : []),
      ...(basket && sellsByBasket(plan.house)
        ? [{ id: 'basket' as const, words: texts.basket, link: '/basket' }]
        : []),
      ...(account ? [{ id: 'account' as const, words: texts.account, link: '/account' }] : []),
    ];
    return { content: { links, shown }, empty: links.length === 0 };
  },
  tones: () => [],
  heads: () => false,
  ownPx: widthPx,
  // Its words are not broken.
  leastPx: widthPx,
  heightPx: () => TEXT.linePx + ENDS_PX,
  css: ({ shown }, scope, bands) =>
    hasIcons(shown)
      ? byBand(bands, (band) => {
          const what = valueAt(shown, bands, band);
          return (
            `${scope} .own-link>svg{display:${what === 'words' ? 'none' : 'block'}}` +
            `${scope} .own-words{${what === 'icons' ? UNSEEN : SEEN}}`
          );
        })
      : '',
};

function widthPx({ links, shown }: OwnLinksContent, bands: Bands, band: string): number {
  const what = valueAt(shown, bands, band);
  const one = ({ id, words }: OwnLink): number => {
    const pieces = [
      ...(what === 'words' ? [] : [ICON_PX]),
      ...(what === 'icons' ? [] : [widthOf(words, TEXT)]),
      ...(id === 'account' ? [] : [COUNT_DIGITS * widthOf('0', TEXT)]),
    ];
    return pieces.reduce((sum, px) => sum + px, 0) + (pieces.length - 1) * INNER_GAP_PX;
  };
  return links.reduce((sum, link) => sum + one(link), 0) + Math.max(0, links.length - 1) * BETWEEN_PX;
}
