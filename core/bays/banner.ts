import { bandAt } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { byBand } from '../css/containers.ts';
import { LONGEST_HEADING, LONGEST_SENTENCE } from '../plan/words.ts';
import { integer, link, picture, text } from '../settings/values.ts';
import { setting, varying } from '../settings/setting.ts';
import { contentLine, linkLine, opens, orElse } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { bannerOverlayElement, bannerPictureElement } from '../style/elements/overPictures.ts';
import { bannerTexts } from './bannerTexts.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

const settings = {
  text: {
    title: setting(text(LONGEST_HEADING, 'no title'), '', { name: 'Title', find: ['title', 'text'] }),
    words: setting(text(LONGEST_SENTENCE, 'no text', true), '', {
      name: 'Text below the title',
      find: ['words', 'text', 'banner'],
    }),
    button: setting(text(60, 'no button'), '', { name: 'Button', find: ['button', 'text'] }),
  },
  picture: {
    /** Id of a stored picture; null for none. */
    pictureId: setting(picture(), null, { name: 'Picture', find: ['picture', 'image', 'background'] }),
    /** px. */
    height: varying(integer(80, 1000, 'px', { step: 20 }), 320, { name: 'Height', find: ['height', 'tall'] }),
  },
  link: {
    link: setting(link(), '', { name: 'Link', find: ['link', 'leads', 'address'] }),
  },
};

export interface BannerContent {
  title: string;
  words: string;
  button: string;
  /** Where it leads; empty for nowhere. */
  link: string;
  picture: PictureFacts | null;
  /** px. */
  height: Varying<number>;
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
      opens(orElse(bay.title, 'No title'), 'title'),
      ', ',
      opens(orElse(bay.words, 'no text below'), 'words'),
      ', ',
      opens(bay.button ? `a button "${String(bay.button)}"` : 'no button', 'button'),
    ]),
    contentLine('picture', 'Picture', (bay, names) => [
      opens(bay.pictureId ? 'A picture behind the text' : 'No picture', 'pictureId'),
      ', ',
      opens(
        sayVarying(bay.height as Varying<number>, names, (px) => `${px} px high`),
        'height',
      ),
    ]),
    linkLine,
    lookLine,
    visibilityLine,
  ],
  addable: true,
  named: ({ title }) => title || 'Banner',
  atFirst: (id) => ({
    bay: { id, holds: 'banner', title: 'A few words over a picture', link: '/shop' },
    shelves: [],
  }),
  ...withoutShelves,
  pictures: ({ pictureId }) => (pictureId === null ? [] : [pictureId]),
  *view({ title, words, button, link: to, pictureId, height }, { pictures }) {
    const shown = pictureId === null ? null : (pictures(pictureId) ?? null);
    return { content: { title, words, button, link: to, picture: shown, height }, empty: false };
  },
  tones: (content) => (content.picture ? [content.picture] : []),
  textsOnPicture: {
    overlay: bannerOverlayElement,
    picture: bannerPictureElement,
    // On narrower regions the picture is under the text.
    fromPx: 560,
    where: bannerTexts,
  },
  says: ({ words }) => words,
  heads: ({ title }) => title !== '',
  heightPx: ({ height }, _, bands, regionPx) => valueAt(height, bands, bandAt(bands, regionPx).id),
  css: ({ height }, scope, bands, { maximumPx }) =>
    (maximumPx === null ? '' : `${scope}>.banner{max-width:${maximumPx}px;margin-inline:auto}`) +
    byBand(bands, (band) => `${scope}{--height:${valueAt(height, bands, band)}px}`),
};
