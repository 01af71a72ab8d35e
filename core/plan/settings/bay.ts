import { listed } from '../../sentence/sentence.ts';
import { settings, type Setting } from './setting.ts';

const quoted = (value: unknown) => (value ? `"${String(value)}"` : 'nothing');
const alignWords: Record<string, string> = {
  start: 'at the start',
  center: 'in the middle',
  end: 'at the end',
};

const widthWords: Record<string, string> = {
  window: 'as wide as the window',
  content: 'kept to the content',
  own: 'of its own width',
};

const look = settings('bay', 'look', [
  {
    id: 'heading.words',
    name: 'Heading',
    find: ['heading', 'title', 'words'],
    holds: ['shelf'],
    say: (v) => (v ? `headed ${quoted(v)}` : 'without a heading'),
  },
  {
    id: 'heading.level',
    name: 'Heading level',
    find: ['heading', 'level', 'h2'],
    holds: ['shelf'],
    say: (v) => `heading of level ${String(v)}`,
  },
  {
    id: 'heading.align',
    name: 'Heading alignment',
    find: ['heading', 'align', 'centre'],
    holds: ['shelf'],
    say: (v) => `heading ${alignWords[String(v)]}`,
  },
  {
    id: 'look.width',
    name: 'Width',
    find: ['width', 'wide', 'window', 'content'],
    say: (v) => widthWords[String(v)]!,
  },
  {
    id: 'look.ownPx',
    name: 'Own greatest width',
    find: ['width', 'own', 'greatest', 'maximum'],
    say: (v) => `at most ${String(v)} px wide`,
  },
  {
    id: 'look.margin',
    name: 'Margin at the sides',
    find: ['margin', 'sides', 'space'],
    varies: true,
    say: (v) =>
      v === null || v === undefined
        ? "the house's margins"
        : `${typeof v === 'object' ? Object.values(v).join(', ') : String(v)} px at the sides`,
  },
  {
    id: 'look.ground',
    name: 'Ground',
    find: ['background', 'ground', 'colour'],
    say: (v) => (v === null ? "on the page's ground" : `on ${String(v)}`),
  },
  {
    id: 'look.above',
    name: 'Space above',
    find: ['space', 'above', 'margin'],
    varies: true,
    say: (v) => `${String(v)} px above`,
  },
  {
    id: 'look.below',
    name: 'Space below',
    find: ['space', 'below', 'margin'],
    varies: true,
    say: (v) => `${String(v)} px below`,
  },
]);

const when = settings('bay', 'when', [
  {
    id: 'bands',
    name: 'At which widths',
    find: ['bands', 'phone', 'tablet', 'laptop', 'wide', 'width', 'device'],
    say: (v, names) =>
      v === null
        ? 'at every width'
        : `only on ${listed((v as string[]).map((id) => names.bands.find((band) => band.id === id)?.name ?? id))}`,
  },
  { id: 'hidden', name: 'Hidden', find: ['hide', 'show', 'off'], say: (v) => (v ? 'hidden' : 'shown') },
]);

const content = [
  ...settings('bay', 'says', [
    {
      id: 'words',
      name: 'Words',
      find: ['words', 'text', 'notice'],
      holds: ['notice', 'banner'],
      say: (v) => `says ${quoted(v)}`,
    },
    {
      id: 'title',
      name: 'Title',
      find: ['title', 'words'],
      holds: ['banner'],
      say: (v) => `titled ${quoted(v)}`,
    },
    {
      id: 'button',
      name: 'Button',
      find: ['button', 'words'],
      holds: ['banner'],
      say: (v) => `button says ${quoted(v)}`,
    },
  ]),
  ...settings('bay', 'picture', [
    {
      id: 'pictureId',
      name: 'Picture',
      find: ['picture', 'image', 'background'],
      holds: ['banner'],
      say: (v) => (v ? `with picture ${String(v).slice(0, 6)}` : 'without a picture'),
    },
    {
      id: 'height',
      name: 'Height',
      find: ['height', 'tall'],
      holds: ['banner'],
      varies: true,
      say: (v) => `${String(v)} px high`,
    },
  ]),
  ...settings('bay', 'leadsTo', [
    {
      id: 'link',
      name: 'Leads to',
      find: ['link', 'leads', 'address'],
      holds: ['notice', 'banner'],
      say: (v) => (v ? `leads to ${String(v)}` : 'leads nowhere'),
    },
  ]),
];

export const baySettings: readonly Setting[] = [...content, ...look, ...when];

export const pageSettings: readonly Setting[] = settings('page', 'page', [
  { id: 'name', name: 'Name of the page', find: ['name', 'title'], say: (v) => `named ${quoted(v)}` },
  {
    id: 'direction',
    name: 'Reading direction',
    find: ['right to left', 'rtl', 'direction'],
    say: (v) =>
      v === 'language'
        ? 'read as the language is'
        : v === 'rtl'
          ? 'read from right to left'
          : 'read from left to right',
  },
]);
