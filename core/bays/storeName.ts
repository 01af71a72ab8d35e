import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { linesOf, widthOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { byBand } from '../css/containers.ts';
import { byWidth, setting, varying } from '../settings/setting.ts';
import { integer, picture } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

const settings = {
  picture: {
    pictureId: setting(picture(), null, {
      name: 'Picture in place of the name',
      find: ['logo', 'picture', 'sign', 'brand', 'name'],
    }),
    heightPx: varying(integer(16, 200, 'px', { step: 2 }), 40, {
      name: 'Height of the picture',
      find: ['logo', 'size', 'height', 'picture'],
      offBecause: (read) => (read('pictureId') ? null : 'There is no picture'),
    }),
  },
};

export interface StoreNameContent {
  words: string;
  picture: PictureFacts | null;
  heightPx: Varying<number>;
  /** `sizes` of the picture, as HTML writes it. */
  sizes: string;
}

/** As the base sheet of the storefront has it. */
const NAME: TextSize = { fontPx: 20, linePx: 30, weight: 650, spacingEm: -0.01 };

const pictureSize = (
  { picture: file, heightPx }: Pick<StoreNameContent, 'picture' | 'heightPx'>,
  bands: Bands,
  band: string,
): { width: number; height: number } => {
  const height = valueAt(heightPx, bands, band);
  return { width: Math.round((height * file!.width) / file!.height), height };
};

/** The name of the store, or a picture in its place, which leads to the home page. */
export const storeNameBay: BayKind<typeof settings, StoreNameContent> = {
  id: 'storeName',
  name: 'Name of the store',
  settings,
  defaults: {
    'look.above': 0,
    'look.below': 0,
    'place.takes': byWidth('rest', { 700: 'own' }),
  },
  hasHeading: false,
  elements: ['storeName'],
  spec: [
    contentLine('picture', 'Name', ({ pictureId, heightPx }, names) =>
      pictureId
        ? [
            opens('A picture in place of the name', 'pictureId'),
            ', ',
            opens(
              sayVarying(heightPx as Varying<number>, names, (px) => `${px} px high`),
              'heightPx',
            ),
          ]
        : [opens('The name of the store in words', 'pictureId')],
    ),
    lookLine,
    visibilityLine,
  ],
  addable: false,
  aroundPages: true,
  named: () => 'Name of the store',
  atFirst: (id) => ({ bay: { id, holds: 'storeName' }, shelves: [] }),
  ...withoutShelves,
  pictures: ({ pictureId }) => (pictureId ? [pictureId] : []),
  *view({ pictureId, heightPx }, { plan, pictures }) {
    const file = (pictureId && pictures(pictureId)) || null;
    const widest = file
      ? Math.max(
          ...plan.house.bands.map(
            ({ id }) => pictureSize({ picture: file, heightPx }, plan.house.bands, id).width,
          ),
        )
      : 0;
    return {
      content: { words: plan.house.storeName, picture: file, heightPx, sizes: `${widest}px` },
      empty: false,
    };
  },
  tones: ({ picture: file }) => (file ? [file] : []),
  heads: () => false,
  ownPx: (content, bands, band) =>
    content.picture ? pictureSize(content, bands, band).width : widthOf(content.words, NAME),
  leastPx: (content, bands, band) =>
    content.picture
      ? pictureSize(content, bands, band).width
      : Math.max(...content.words.split(/\s+/).map((word) => widthOf(word, NAME))),
  heightPx: (content, _, bands, regionPx) =>
    content.picture ? pictureSize(content, bands, bandAt(bands, regionPx).id).height : NAME.linePx,
  heightIn: (content, _, bands, band, widthPx) =>
    content.picture
      ? pictureSize(content, bands, band).height
      : linesOf(content.words, NAME, widthPx) * NAME.linePx,
  css: (content, scope, bands) =>
    content.picture
      ? byBand(bands, (band) => {
          const { width, height } = pictureSize(content, bands, band);
          return `${scope} img{width:${width}px;height:${height}px}`;
        })
      : '',
};
