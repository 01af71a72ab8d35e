import { partKinds } from '../../card/parts/index.ts';
import { labelKinds } from '../../label/label.ts';
import { counted, listed } from '../../sentence/sentence.ts';
import { alignWords, px } from './sayings.ts';
import { settings, type Given } from './setting.ts';

/** Settings of a shelf on the line Card. */
export const cardSettings = settings('shelf', 'card', [
  {
    id: 'card.shown',
    name: 'Parts that are shown',
    group: true,
    find: ['parts'],
    say: () => 'other parts shown',
  },
  {
    id: 'card.order',
    name: 'Order of the parts',
    find: ['order', 'parts', 'above', 'under'],
    say: (v) =>
      listed((v as string[]).map((id) => partKinds.find((kind) => kind.id === id)?.name.toLowerCase() ?? id)),
  },
  ...[...partKinds, ...labelKinds].map((kind): Given => ({
    id: `card.shown.${kind.id}`,
    name: kind.name,
    of: 'of' in kind ? kind.of : ['products'],
    find: [...kind.find, 'show', 'hide'],
    varies: true,
    say: (v: unknown) => `${kind.name.toLowerCase()} ${v ? 'shown' : 'not shown'}`,
  })),
  {
    id: 'card.picture.by',
    name: 'Picture height by',
    find: ['height', 'ratio', 'picture'],
    say: (v) =>
      v === 'height'
        ? 'pictures of a set height'
        : v === 'screen'
          ? 'pictures as high as the screen says'
          : 'pictures in proportion',
  },
  {
    id: 'card.picture.screen',
    name: 'Picture, share of the screen',
    find: ['height', 'picture', 'screen'],
    varies: true,
    say: (v) => `pictures ${String(v)} % of the screen high`,
  },
  {
    id: 'card.picture.height',
    name: 'Picture height',
    find: ['height', 'picture'],
    varies: true,
    say: (v) => `pictures ${px(v)} high`,
  },
  {
    id: 'card.picture.ratio',
    name: 'Picture proportions',
    find: ['ratio', 'picture', 'shape', 'height'],
    varies: true,
    say: (v) => `picture ${String(v)}`,
  },
  {
    id: 'card.picture.fit',
    name: 'Whole picture or filled',
    find: ['fill', 'whole', 'crop', 'fit'],
    say: (v) => (v === 'whole' ? 'pictures shown whole' : 'pictures filling their frame'),
  },
  {
    id: 'card.titleLines',
    name: 'Lines of the title',
    find: ['lines', 'title', 'long'],
    say: (v) => `title up to ${counted(Number(v), 'line')}`,
  },
  {
    id: 'card.align',
    name: 'Alignment',
    find: ['align', 'left', 'centre', 'right'],
    say: (v) => `text ${alignWords[String(v)]}`,
  },
  {
    id: 'card.text.side',
    name: 'Side of the picture that text stands at',
    find: ['text', 'side', 'beside', 'under', 'above', 'over'],
    varies: true,
    say: (v) => `text ${String(v)} the picture`,
  },
  {
    id: 'card.text.share',
    name: 'Width of text at a side',
    find: ['text', 'width', 'share', 'beside'],
    varies: true,
    say: (v) => `text ${String(v)} % of the card wide`,
  },
  {
    id: 'card.text.reach',
    name: 'How far text reaches over the picture',
    find: ['text', 'over', 'overlay', 'reach'],
    varies: true,
    say: (v) => (v ? `text over ${String(v)} % of the picture` : 'text not over the picture'),
  },
  {
    id: 'card.text.ground',
    name: 'Under text on a picture',
    find: ['text', 'overlay', 'ground', 'shade'],
    say: (v) =>
      ({ none: 'nothing', light: 'a light ground', dark: 'a dark ground' })[String(v)]! +
      ' under text on a picture',
  },
  {
    id: 'card.text.when',
    name: 'When text on a picture is there',
    find: ['text', 'hover', 'pointed', 'always'],
    say: (v) => (v === 'pointed' ? 'text there when pointed at' : 'text always there'),
  },
  {
    id: 'card.text.comes',
    name: 'How text comes in',
    find: ['text', 'fade', 'rise', 'hover', 'come in'],
    say: (v) =>
      ({ atOnce: 'text there at once', fades: 'text fading in', rises: 'text rising in' })[String(v)]!,
  },
  {
    id: 'card.frame',
    name: 'Cards framed or plain',
    find: ['frame', 'border', 'shadow', 'plain', 'wrapped'],
    say: (v) => `${String(v)} cards`,
  },
  {
    id: 'card.inside',
    name: 'Space within the frame',
    find: ['frame', 'inside', 'padding', 'space'],
    varies: true,
    say: (v) => `${px(v)} within the frame`,
  },
]);
