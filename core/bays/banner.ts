import { bandAt } from '../bands/bands.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { wholeWidth, type Room } from '../geometry/steps.ts';
import { LONGEST_HEADING, LONGEST_SENTENCE } from '../plan/words.ts';
import { choice, link, picture, text, yesNo } from '../settings/values.ts';
import { setting, type ReadSetting } from '../settings/setting.ts';
import { contentLine, linkLine, opens, orElse } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { bannerOverlayElement, bannerPictureElement } from '../style/elements/overPictures.ts';
import {
  bannerHeightSettings,
  heightCss,
  sayHeight,
  UNDER_BELOW_PX,
  UNDER_PX,
  type BannerHeight,
} from './bannerHeight.ts';
import { bannerHeight, bannerTexts } from './bannerTexts.ts';
import type { BayDrawn, BayKind, UnderTexts } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

const saysPage = (read: ReadSetting) => read('says') === 'page';
const unlessOwn = (read: ReadSetting) => (saysPage(read) ? 'It says what the page is about' : null);
const unlessPage = (read: ReadSetting) => (saysPage(read) ? null : 'It says words of its own');

const settings = {
  text: {
    says: setting(choice({ own: 'Own words', page: 'What the page is about' }), 'own', {
      name: 'Says',
      find: ['title', 'category', 'collection', 'header', 'name'],
      about:
        'On the page of every category, collection, product or entry: its name, and its description and picture if wanted.',
    }),
    title: setting(text(LONGEST_HEADING, 'no title'), '', {
      name: 'Title',
      find: ['title', 'text'],
      offBecause: unlessOwn,
    }),
    described: setting(yesNo(), true, {
      name: 'Description below the title',
      find: ['description', 'text', 'category'],
      say: (shown) => (shown ? 'its description below' : 'without its description'),
      offBecause: unlessPage,
    }),
    words: setting(text(LONGEST_SENTENCE, 'no text', true), '', {
      name: 'Text below the title',
      find: ['words', 'text', 'banner'],
      offBecause: unlessOwn,
    }),
    button: setting(text(60, 'no button'), '', { name: 'Button', find: ['button', 'text'] }),
  },
  picture: {
    /** Id of a stored picture; null for none. */
    pictureId: setting(picture(), null, { name: 'Picture', find: ['picture', 'image', 'background'] }),
    pictured: setting(yesNo(), true, {
      name: 'The picture of what the page is about',
      find: ['picture', 'image', 'category', 'collection'],
      about: 'Where there is one; else the picture chosen here.',
      say: (shown) => (shown ? 'with the picture of that' : 'without the picture of that'),
      offBecause: unlessPage,
    }),
    ...bannerHeightSettings,
  },
  link: {
    link: setting(link(), '', { name: 'Link', find: ['link', 'leads', 'address'] }),
  },
};

export interface BannerContent extends BannerHeight {
  title: string;
  words: string;
  button: string;
  /** Where it leads; empty for nowhere. */
  link: string;
  picture: PictureFacts | null;
  room: Room;
}

const percent = (share: number): string => `${Math.round(100 * share)}%`;

/** What of its picture a banner keeps in sight, as a rule of style. */
export function focusCss(picture: PictureFacts | null, banner: string): string {
  if (!picture || (picture.focal.x === 0.5 && picture.focal.y === 0.5)) return '';
  const [across, down] = [percent(picture.focal.x), percent(picture.focal.y)];
  return `${banner}>img{--at-across:${across};--at-down:${down};object-position:${across} ${down}}`;
}

/** Where texts are on banners that stand in a row, each as high as the highest. */
export function bannersUnderTexts(banners: readonly BannerContent[], drawn: BayDrawn): UnderTexts[] {
  const found = (leastPx?: number) => banners.map((one) => bannerTexts(one, drawn, leastPx));
  const highestPx = Math.max(0, ...found().map((one) => one?.heightPx ?? 0));
  return found(highestPx).flatMap((one, i) => (one ? [{ picture: banners[i]!.picture, ...one }] : []));
}

/** A picture with text over it. */
export const bannerBay: BayKind<typeof settings, BannerContent> = {
  id: 'banner',
  name: 'Banner',
  settings,
  defaults: { 'look.width': 'window', 'look.above': 0, 'look.below': 0 },
  hasHeading: false,
  elements: ['bannerPicture', 'bannerOverlay', 'bannerTitle', 'bannerText', 'bannerButton'],
  spec: [
    contentLine('text', 'Text', (bay) => [
      ...(bay.says === 'page'
        ? [
            opens('What the page is about', 'says'),
            ', ',
            opens(bay.described ? 'its description below' : 'without its description', 'described'),
          ]
        : [
            opens(orElse(bay.title, 'No title'), 'title'),
            ', ',
            opens(orElse(bay.words, 'no text below'), 'words'),
          ]),
      ', ',
      opens(bay.button ? `a button "${String(bay.button)}"` : 'no button', 'button'),
    ]),
    contentLine('picture', 'Picture', (bay, names) => [
      ...(bay.says === 'page' && bay.pictured
        ? [
            opens('The picture of what the page is about', 'pictured'),
            ', ',
            opens(bay.pictureId ? 'else a chosen one' : 'else none', 'pictureId'),
          ]
        : [opens(bay.pictureId ? 'A picture behind the text' : 'No picture', 'pictureId')]),
      ', ',
      opens(sayHeight(bay as unknown as BannerHeight, names), 'heightBy'),
    ]),
    linkLine,
    lookLine,
    visibilityLine,
  ],
  addable: true,
  alike: true,
  named: ({ says, title }) => (says === 'page' ? 'What the page is about' : title || 'Banner'),
  atFirst: (id) => ({
    bay: { id, holds: 'banner', title: 'A few words over a picture', link: '/shop' },
    shelves: [],
  }),
  ...withoutShelves,
  pictures: ({ pictureId }) => (pictureId === null ? [] : [pictureId]),
  *view({ says, described, pictured, button, link: to, pictureId, ...own }, { pictures, said, room }) {
    const ofPage = says === 'page';
    const chosen = pictureId === null ? null : (pictures(pictureId) ?? null);
    const shown = (ofPage && pictured && said.picture) || chosen;
    const title = ofPage ? said.name : own.title;
    const words = ofPage ? (described ? said.description : '') : own.words;
    const { heightBy, height, ratio, screen, space } = own;
    return {
      content: {
        title,
        words,
        button,
        link: to,
        picture: shown,
        heightBy,
        height,
        ratio,
        screen,
        space,
        room,
      },
      empty: false,
    };
  },
  tones: (content) => (content.picture ? [content.picture] : []),
  textsOnPicture: {
    overlay: bannerOverlayElement,
    picture: bannerPictureElement,
    fromPx: UNDER_BELOW_PX,
    where: (content, drawn) => bannersUnderTexts([content], drawn),
  },
  says: ({ words }) => words,
  heads: ({ title }) => title !== '',
  heightPx: (content, _, bands, regionPx) => {
    const { id } = bandAt(bands, regionPx);
    return bannerHeight(content, bands, id, regionPx);
  },
  drawnPictures: (content, bands, bandId, regionPx) => {
    if (!content.picture) return [];
    const widthPx = wholeWidth(content.room, bands, bandId, regionPx);
    const isUnder = regionPx < UNDER_BELOW_PX;
    const heightPx = isUnder ? UNDER_PX : bannerHeight(content, bands, bandId, regionPx);
    return [{ picture: content.picture, widthPx, heightPx }];
  },
  css: ({ picture, room, ...high }, scope, bands) =>
    heightCss(scope, high, room, bands) + focusCss(picture, `${scope} .banner`),
};
