import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { byBand } from '../css/containers.ts';
import { sayMotion } from '../layouts/sayFacts.ts';
import { motionOf } from '../layouts/moving.ts';
import { movingSettings } from '../plan/movingSettings.ts';
import { capital } from '../sentence/sentence.ts';
import type { Moving as MovingOfShelf } from '../plan/shelf.ts';
import type { ReadSetting, Setting } from '../settings/setting.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { keptFor } from '../view/keptFor.ts';
import { MARKS_PX } from '../view/shelfMeasure.ts';
import { bannersUnderTexts, bannerBay, focusCss, type BannerContent } from './banner.ts';
import { bannerHeightSettings, heightCss, sayHeight, type BannerHeight } from './bannerHeight.ts';
import type { BayKind } from './bayKind.ts';
import type { Bay } from './index.ts';
import { sayTextItems, textItemsSetting, type TextItem } from './textItem.ts';
import { withoutShelves } from './withoutShelves.ts';

/** Whether it has anything to show. */
export const isFilled = ({ title, words, pictureId }: TextItem): boolean =>
  Boolean(title || words || pictureId);

const unlessSeveral = (read: ReadSetting) =>
  (read('banners') as readonly TextItem[]).length > 1 ? null : 'There is one banner, which stands still';

/** The same setting as that of a shelf, without an effect where there is a single banner. */
const ofSeveral = <S extends Setting<unknown>>(one: S): S => ({
  ...one,
  offBecause: (read) => unlessSeveral(read) ?? one.offBecause?.(read) ?? null,
});

const settings = {
  text: {
    banners: textItemsSetting('banner', {
      name: 'Banners',
      find: ['banners', 'slides', 'hero', 'title', 'words', 'button', 'picture'],
    }),
  },
  picture: bannerHeightSettings,
  layout: {
    moving: {
      loop: ofSeveral(movingSettings.loop),
      arrows: ofSeveral(movingSettings.arrows),
      arrowShape: ofSeveral(movingSettings.arrowShape),
      marks: ofSeveral(movingSettings.marks),
      play: ofSeveral(movingSettings.play),
      restMs: ofSeveral(movingSettings.restMs),
      moveMs: ofSeveral(movingSettings.moveMs),
      comes: ofSeveral(movingSettings.comes),
    },
  },
};

type Moving = Pick<MovingOfShelf, keyof (typeof settings)['layout']['moving']>;

export interface BannersContent extends BannerHeight {
  /** Those that say or show something, each as a banner of its own. */
  banners: readonly BannerContent[];
  moving: Moving;
  room: BannerContent['room'];
}

/** Size of the arrows, px. */
const ARROW_PX = 40;

/** How they move past; one after the other. */
const motionIn = (count: number, { loop, play, restMs, moveMs }: Moving) =>
  motionOf(count, 1, 1, loop, play ? { restMs, moveMs } : null);

/** "3 stops, 15.4 s for a full round": how they move, or that there is nothing to move. */
const sayMoves = (count: number, moving: Moving): string =>
  count > 1 ? sayMotion({ motion: motionIn(count, moving) }) : 'nothing moves, since there is one banner';

const MARKED: Readonly<Record<Moving['marks'][string], string>> = {
  none: 'no marker',
  dots: 'dots',
  bar: 'a bar',
  count: 'a count',
};

/** Height of what tells where one is, which stands below the banners, px. */
const marksPx = ({ banners, moving }: BannersContent, bands: Bands, bandId: string): number =>
  banners.length > 1 && valueAt(moving.marks, bands, bandId) !== 'none' ? MARKS_PX : 0;

const kept = keptFor<Bay, readonly BannerContent[]>();

/** Several banners in one place, of which one is seen at a time. */
export const bannersBay: BayKind<typeof settings, BannersContent> = {
  id: 'banners',
  name: 'Banners by turns',
  settings,
  defaults: { 'look.width': 'window', 'look.above': 0, 'look.below': 0 },
  hasHeading: false,
  elements: bannerBay.elements!,
  spec: [
    contentLine('text', 'Text', ({ banners }) => [
      opens(sayTextItems(banners as readonly TextItem[], 'banner'), 'banners'),
    ]),
    contentLine('picture', 'Picture', (bay, names) => {
      const list = bay.banners as readonly TextItem[];
      const pictured = list.filter(({ pictureId }) => pictureId).length;
      return [
        opens(`${pictured} of ${list.length} with a picture`, 'banners'),
        ', ',
        opens(sayHeight(bay as unknown as BannerHeight, names), 'heightBy'),
      ];
    }),
    contentLine('layout', 'Motion', ({ banners, moving: all }, names) => {
      const moving = all as Moving;
      const { length } = banners as readonly TextItem[];
      if (length < 2) return [opens(capital(sayMoves(length, moving)), 'banners')];
      return [
        opens(
          capital(sayVarying(moving.arrows, names, (shown) => (shown ? 'arrows' : 'no arrows'))),
          'moving.arrows',
        ),
        ', ',
        opens(
          sayVarying(moving.marks, names, (one) => MARKED[one]),
          'moving.marks',
        ),
        ', ',
        opens(moving.play ? 'plays automatically' : 'waits to be moved', 'moving.play'),
        `; ${sayMoves(length, moving)}`,
      ];
    }),
    lookLine,
    visibilityLine,
  ],
  addable: true,
  alike: true,
  named: ({ banners }) => banners[0]?.title || 'Banners by turns',
  atFirst: (id) => ({
    bay: {
      id,
      holds: 'banners',
      banners: [
        { id: 'banner-1', title: 'A few words over a picture', button: 'See everything', link: '/shop' },
        { id: 'banner-2', title: 'And a few over another', button: 'See everything', link: '/shop' },
      ],
    },
    shelves: [],
  }),
  ...withoutShelves,
  pictures: ({ banners }) => banners.flatMap(({ pictureId }) => pictureId ?? []),
  *view(bay, { bay: whole, room, pictures }) {
    const { heightBy, height, ratio, screen, space, moving } = bay;
    const high = { heightBy, height, ratio, screen, space };
    const shown = bay.banners.map(({ pictureId }) => (pictureId ? (pictures(pictureId) ?? null) : null));
    const banners = kept(whole, [room, ...shown], () =>
      bay.banners.flatMap(({ title = '', words = '', button = '', link = '' }, i): BannerContent[] => {
        const picture = shown[i]!;
        return title || words || picture ? [{ title, words, button, link, picture, ...high, room }] : [];
      }),
    );
    return { content: { banners, ...high, moving, room }, empty: banners.length === 0 };
  },
  tones: ({ banners }) => banners.flatMap(({ picture }) => picture ?? []),
  textsOnPicture: {
    ...bannerBay.textsOnPicture!,
    where: ({ banners }, drawn) => bannersUnderTexts(banners, drawn),
    belowPx: marksPx,
  },
  says: ({ banners }) => banners.map(({ words }) => words).find(Boolean) ?? '',
  heads: ({ banners }) => Boolean(banners[0]?.title),
  heightPx: (content, heading, bands, regionPx) =>
    Math.max(0, ...content.banners.map((one) => bannerBay.heightPx(one, heading, bands, regionPx))) +
    marksPx(content, bands, bandAt(bands, regionPx).id),
  drawnPictures: ({ banners }, bands, bandId, regionPx) => {
    const drawn = banners.flatMap((one) => bannerBay.drawnPictures!(one, bands, bandId, regionPx));
    const heightPx = Math.max(0, ...drawn.map((one) => one.heightPx ?? 0));
    return drawn.map((one) => ({ ...one, heightPx }));
  },
  scripted: ({ banners }) => banners.length > 1,
  moving: ({ banners, moving }) => {
    const motion = motionIn(banners.length, moving);
    return motion.moves ? { motion, plays: moving.play } : null;
  },
  css: ({ banners, moving, room, ...high }, scope, bands) => {
    const moves = `${scope} .banners`;
    return (
      heightCss(scope, high, room, bands) +
      banners
        .map(({ picture }, i) => focusCss(picture, `${scope} .banner-row>:nth-child(${i + 1})>.banner`))
        .join('') +
      (banners.length > 1
        ? `${moves}{--arrow:${ARROW_PX}px;--move-by:1}${moves}>.window{--moves:1}` +
          byBand(bands, (band) => {
            const marks = valueAt(moving.marks, bands, band);
            return (
              `${moves}{--marks:${marks};--foot:${marks === 'none' ? 0 : MARKS_PX}px}` +
              `${moves}>.marks{display:${marks === 'none' ? 'none' : 'flex'}}` +
              `${moves}>.arrow{display:${valueAt(moving.arrows, bands, band) ? 'grid' : 'none'}}`
            );
          }) +
          (moving.play ? `${moves}>.pause{display:grid}` : '')
        : '')
    );
  },
};
