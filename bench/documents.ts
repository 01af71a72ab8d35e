import { readFileSync } from 'node:fs';
import { apply } from '../core/plan/commands.ts';
import { documentOf, type DocumentKey } from '../core/plan/documents.ts';
import { readDocuments, writtenDocument, type KeptDocument } from '../core/plan/reading.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import { specimenShelf, specimenStored } from '../core/specimen/specimen.ts';
import { atMost, distribution, type Figure } from './figure.ts';

const PAGES = 20;
const SHELVES = 240;
const RUNS = 150;

/** The documents of a store of some format, repeated until there are as many pages and shelves as is promised. */
function manyDocuments(format: number): KeptDocument[] {
  const store = JSON.parse(
    readFileSync(new URL(`../core/plan/formats/stores/format-${format}.json`, import.meta.url), 'utf8'),
  ) as { format?: number; house: object; pages: Record<string, object>; shelves: Record<string, object> };
  const said = store.format === undefined ? {} : { format: store.format };
  const several = (kind: 'page' | 'shelf', group: Record<string, object>, count: number): KeptDocument[] => {
    const all = Object.entries(group);
    return Array.from({ length: count }, (_, i) => {
      const [id, body] = all[i % all.length]!;
      const name = i < all.length ? id : `${id}-${i}`;
      return { key: `${kind}:${name}` as DocumentKey, body: { ...said, ...body, id: name } };
    });
  };
  return [
    { key: 'house', body: { ...said, ...store.house } },
    ...several('page', store.pages, PAGES),
    ...several('shelf', store.shelves, SHELVES),
  ];
}

/** Reading: upgraded, checked and completed, from text as the database gives it. */
function readingFigure(format: number): Figure {
  const text = JSON.stringify(manyDocuments(format));
  const times = Array.from({ length: RUNS }, () => {
    // Parsed anew each time, since what is the same object is remembered.
    const documents = JSON.parse(text) as KeptDocument[];
    const begin = performance.now();
    const { plan, unreadable } = readDocuments(documents);
    const { pages, shelves } = completePlan(plan);
    const took = performance.now() - begin;
    // Reading adds the pages that every store has and these lack.
    if (unreadable.length || Object.keys(pages).length < PAGES || Object.keys(shelves).length < SHELVES)
      throw new Error(`Format ${format} was not read whole.`);
    return took;
  });
  // The first few are of a program that is not warm yet.
  return distribution(`Plan of 20 pages and 240 shelves read, format ${format}`, 'ms', times.slice(50), 10);
}

/** How large a shelf is once three things of it were set. */
function shelfBytes(): number {
  const bare = specimenStored([specimenShelf('new-arrivals', { name: 'New arrivals' })]);
  const plan = apply(bare, {
    do: 'together',
    commands: [
      { do: 'set', on: { shelf: 'new-arrivals' }, setting: 'columns.count', band: 'phone', value: 2 },
      { do: 'set', on: { shelf: 'new-arrivals' }, setting: 'gap.column', band: 'laptop', value: 32 },
      { do: 'set', on: { shelf: 'new-arrivals' }, setting: 'paging.by', value: 'numbered' },
    ],
  });
  return Buffer.byteLength(JSON.stringify(writtenDocument(documentOf(plan, 'shelf:new-arrivals')!)));
}

export const documentFigures = (): Figure[] => [
  readingFigure(5),
  readingFigure(1),
  atMost('Shelf that sets three things', 'bytes', shelfBytes(), 400),
];
