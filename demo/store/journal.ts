import type { EntryBlock } from '../../core/journal/entryText.ts';
import { thing } from './categories.ts';
import type { Thing } from '../pictures/scene.ts';

export interface JournalSeed {
  slug: string;
  title: string;
  summary: string;
  text: EntryBlock[];
  daysOld: number;
  tags: string[];
  author: string;
  picture: Thing[];
}

/** Who writes the journal, in turn. */
const AUTHORS = ['Maren Hollis', 'Tobin Hale'];

const entry = (
  daysOld: number,
  slug: string,
  title: string,
  summary: string,
  picture: Thing[],
  tags: string[],
): JournalSeed => ({
  slug,
  title,
  summary,
  text: [
    summary,
    'We write these notes between firings, when the kiln is too hot to open and the benches are clear. Come by on a Saturday and we will show you the rest.',
  ].map((text): EntryBlock => ({ type: 'paragraph', content: [{ type: 'text', text }] })),
  daysOld,
  tags,
  author: AUTHORS[daysOld % AUTHORS.length]!,
  picture,
});

export const journalSeeds: readonly JournalSeed[] = [
  entry(
    4,
    'opening-the-winter-kiln',
    'Opening the winter kiln',
    'Three days of firing, two of waiting, and one morning of unpacking.',
    [thing('floorVase', 'Midnight')],
    ['kiln'],
  ),
  entry(
    15,
    'how-a-handle-is-pulled',
    'How a handle is pulled',
    'A wet hand, a lump of clay and twenty years.',
    [thing('mug', 'Oatmeal', ['handle'])],
    ['making'],
  ),
  entry(
    27,
    'what-tidewrack-is-made-of',
    'What Tidewrack is made of',
    'Copper, a little iron, and ash from the hedge.',
    [thing('jar', 'Tidewrack', ['lid'])],
    ['glaze'],
  ),
  entry(
    41,
    'a-table-for-twelve',
    'A table for twelve',
    'Which pieces we laid out when the whole valley came to eat.',
    [thing('platter', 'Amber')],
    ['table'],
  ),
  entry(
    58,
    'why-feet-are-left-bare',
    'Why feet are left bare',
    'Glaze is glass, and glass sticks to shelves.',
    [thing('deepBowl', 'Samphire')],
    ['making'],
  ),
  entry(
    73,
    'the-lower-kiln',
    'The lower kiln',
    'The oldest of our kilns and the moods it has.',
    [thing('roundVase', 'Rustfall')],
    ['kiln'],
  ),
  entry(
    96,
    'caring-for-stoneware',
    'Caring for stoneware',
    'What to do, what not to do, and what does not matter.',
    [thing('plate', 'Chalk')],
    ['care'],
  ),
  entry(
    120,
    'pots-that-breathe',
    'Pots that breathe',
    'Why roots like clay better than plastic.',
    [thing('pot', 'Sandbar')],
    ['garden'],
  ),
  entry(
    151,
    'a-teapot-that-pours',
    'A teapot that pours',
    'Thirty-one spouts, and the one that worked.',
    [thing('teapot', 'Inkwell', ['handle', 'spout', 'lid'])],
    ['making', 'tea'],
  ),
  entry(
    190,
    'seconds-and-why-we-keep-them',
    'Seconds, and why we keep them',
    'Not every fault is one.',
    [thing('tulipMug', 'Pebble', ['handle'])],
    ['making'],
  ),
  entry(
    233,
    'tiles-for-a-station',
    'Tiles for a station',
    'Four thousand of them, each pressed by hand.',
    [{ draw: 'tiles', glaze: 'Fogbank', across: 3, relief: 'arcs' }],
    ['tiles'],
  ),
  entry(
    300,
    'ten-years-of-mud',
    'Ten years of mud',
    'How it began, in a shed with a leaking roof.',
    [thing('jug', 'Lichen', ['handle', 'lip'])],
    ['kiln'],
  ),
];
