import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../bays/richText.ts';
import type { EntryDetail } from '../catalogue/facts.ts';
import { undoneEdits } from '../facts/factEdit.ts';
import { firstPlan } from '../pages/firstPlan.ts';
import { apply } from '../plan/commands.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { firstBands } from '../plan/firstBands.ts';
import { specimenNames, specimenProduct, specimenShelf, specimenTree } from '../specimen/specimen.ts';
import { bayHeight } from '../view/bayHeight.ts';
import { viewWith } from '../view/driveView.ts';
import { shelvesIn } from '../view/shelvesIn.ts';
import { isOut, type Entry } from './entry.ts';
import { entryEdited, entryEdits, entryEditSchema, isStillSo, savedEdits } from './entryEdit.ts';
import { entryFact, entryFacts } from './entryFacts.ts';
import { addToEntry, idsForOwnPage, placeOfEntry, tidyEntry } from './entryShelves.ts';
import {
  asEntryText,
  countWords,
  entryTextFault,
  MOST_SHELVES,
  shelvesInText,
  textWithLinks,
  wordsOf,
  type EntryBlock,
} from './entryText.ts';

const said = (text: string): EntryBlock => ({ type: 'paragraph', content: [{ type: 'text', text }] });
const shelf = (shelfId: string): EntryBlock => ({ type: 'shelf', attrs: { shelfId } });
const blocks = fc.array(
  fc.oneof(
    fc.string({ minLength: 1, maxLength: 20 }).map(said),
    fc.constant<EntryBlock>({ type: 'paragraph' }),
    fc.integer({ min: 1, max: 9 }).map((n) => shelf(`shelf-${n}`)),
  ),
  { maxLength: 12 },
);
/** A text in which each shelf stands once. */
const texts = blocks.map((all) => {
  const seen = new Set<string>();
  return all.filter(
    (one) => one.type !== 'shelf' || (!seen.has(one.attrs.shelfId) && seen.add(one.attrs.shelfId)),
  );
});

const entry: Entry = {
  id: 4,
  slug: 'on-the-road',
  title: 'On the road',
  summary: '',
  author: '',
  tags: [],
  pictureId: null,
  publishedAt: 1_000,
  hidden: false,
  text: [said('Before')],
  draft: null,
};

describe('the text of an entry', () => {
  it('is taken from an editor as it is, and keeps every word and every shelf of it', () => {
    fc.assert(
      fc.property(texts, (text) => {
        expect(entryTextFault(text)).toBeNull();
        const taken = asEntryText(text);
        const blank = shelvesInText(text).length === 0 && plainText(wordsOf(text)).trim() === '';
        expect(taken).toEqual(blank ? [] : text);
        expect(asEntryText(taken)).toEqual(taken);
      }),
    );
  });

  it('has a shelf once: the one that stands first stays', () => {
    fc.assert(
      fc.property(blocks, (all) => {
        const taken = asEntryText(all);
        expect(entryTextFault(taken)).toBeNull();
        expect(shelvesInText(taken)).toEqual([...new Set(shelvesInText(all))]);
        expect(plainText(wordsOf(taken)).trim()).toBe(plainText(wordsOf(all)).trim());
      }),
    );
  });

  it.each([
    ['no list', 'Hello'],
    ['a shelf that is none', [{ type: 'shelf', attrs: { shelfId: '</style>' } }]],
    ['a shelf with more in it', [{ type: 'shelf', attrs: { shelfId: 'a', onclick: 'x' } }]],
    ['a shelf with words', [{ ...shelf('a'), content: [] }]],
    ['a shelf in a quotation', [{ type: 'blockquote', content: [shelf('a')] }]],
    ['a shelf twice', [shelf('a'), said('and'), shelf('a')]],
    ['markup', [{ type: 'html', text: '<b>' }]],
    ['nothing in it', [null]],
    ['too many shelves', Array.from({ length: MOST_SHELVES + 1 }, (_, i) => shelf(`s${i}`))],
  ])('is refused with %s', (_, text) => {
    expect(entryTextFault(text)).toMatch(/\.$/);
  });

  it('leads where its links lead now, and loses none of its shelves by that', () => {
    const link = (href: string): EntryBlock => ({
      type: 'paragraph',
      content: [{ type: 'text', text: href, marks: [{ type: 'link', attrs: { href } }] }],
    });
    const text = [link('category:3'), shelf('a'), link('page:gone')];
    expect(textWithLinks(text, (href) => (href === 'category:3' ? '/category/bowls' : null))).toEqual([
      {
        type: 'paragraph',
        content: [
          { type: 'text', text: 'category:3', marks: [{ type: 'link', attrs: { href: '/category/bowls' } }] },
        ],
      },
      shelf('a'),
      { type: 'paragraph', content: [{ type: 'text', text: 'page:gone' }] },
    ]);
  });

  it('has as many words as are read', () => {
    expect(countWords([said('One two'), shelf('three'), said('  four ')])).toBe(3);
    expect(countWords([])).toBe(0);
  });
});

describe('edits of an entry', () => {
  it('are none where nothing is another, and are taken back to what was', () => {
    expect(entryEdits(entry, 'title', entry.title)).toEqual([]);
    const edits = [...entryEdits(entry, 'title', 'At home'), ...entryEdits(entry, 'tags', ['a'])];
    const after = edits.reduce(entryEdited, entry);
    expect(after).toMatchObject({ title: 'At home', tags: ['a'] });
    expect(edits.every((edit) => isStillSo(entry, edit) && !isStillSo(after, edit))).toBe(true);
    expect(undoneEdits(edits).reduce(entryEdited, after)).toEqual(entry);
  });

  it('save what is being written, once, and leave nothing that is not saved', () => {
    expect(savedEdits(entry)).toEqual([]);
    const drafted = { ...entry, draft: [said('After')] };
    const after = savedEdits(drafted).reduce(entryEdited, drafted);
    expect(after).toMatchObject({ text: drafted.draft, draft: null });
    expect(savedEdits(after)).toEqual([]);
    // The same words again are no other text.
    expect(savedEdits({ ...entry, draft: entry.text }).map(({ fact }) => fact)).toEqual(['draft']);
  });

  it.each([
    ['title', '  '],
    ['slug', 'On The Road'],
    ['slug', ''],
    ['tags', ['a', 'a']],
    ['tags', [null]],
    ['pictureId', 'cat.png'],
    ['publishedAt', 1.5],
    ['publishedAt', Number.MAX_SAFE_INTEGER],
    ['hidden', 'yes'],
    ['text', null],
    ['text', [{ type: 'script' }]],
    ['draft', 'words'],
    ['id', 3],
    ['constructor', 3],
  ])('are refused where %s is %j', (fact, is) => {
    expect(entryEditSchema.isValidSync({ id: 4, fact, was: null, is })).toBe(false);
  });

  it('are taken where each fact is what it is', () => {
    for (const { id } of entryFacts)
      expect(entryEditSchema.isValidSync({ id: 4, fact: id, was: null, is: entry[id] }), id).toBe(true);
  });

  it('show an entry from its date on, unless it is hidden', () => {
    expect(isOut(entry, 999)).toBe(false);
    expect(isOut(entry, 1_000)).toBe(true);
    expect(isOut({ ...entry, hidden: true }, 2_000)).toBe(false);
  });
});

describe('shelves in the text of an entry', () => {
  const plan = firstPlan('Harbour Lamps');
  const ids = (stored: StoredPlan) =>
    Object.fromEntries(idsForOwnPage(stored, entry.id).map((id, i) => [id, `own-${i}`]));
  const add = (stored: StoredPlan, id: string, more = {}) =>
    apply(stored, addToEntry(stored, entry, specimenShelf(id, more), ids(stored))!);

  it('give the entry an arrangement of its own, once, and leave that of all others as it is', () => {
    const one = add(plan, 'first');
    expect(placeOfEntry(one, entry.id)).toMatchObject({ alone: true, shelves: ['first'] });
    expect(placeOfEntry(one, 5)).toMatchObject({ alone: false, shelves: [] });
    expect(one.pages.entry).toEqual(plan.pages.entry);
    const two = add(one, 'second');
    expect(placeOfEntry(two, entry.id)!.shelves).toEqual(['first', 'second']);
    expect(Object.keys(two.pages)).toHaveLength(Object.keys(plan.pages).length + 1);
    expect(idsForOwnPage(two, entry.id)).toEqual([]);
  });

  it('go with the text that names them, but not where they stand elsewhere too', () => {
    // "new" is on the home page.
    const both = add(add(plan, 'own'), 'new');
    expect(tidyEntry(both, entry.id, ['own', 'new'])).toBeNull();
    const after = apply(both, tidyEntry(both, entry.id, [])!);
    expect(placeOfEntry(after, entry.id)!.shelves).toEqual([]);
    expect(after.shelves.own).toBeUndefined();
    expect(after.shelves.new).toEqual(plan.shelves.new);
  });

  const view = (stored: StoredPlan, text: readonly EntryBlock[]) => {
    const complete = completePlan(stored);
    const place = placeOfEntry(stored, entry.id)!;
    const about: EntryDetail = { ...entry, tags: [], picture: null, text };
    const products = Array.from({ length: 8 }, (_, i) => ({
      of: 'products' as const,
      product: specimenProduct(i + 1),
    }));
    const made = viewWith(
      {
        plan: complete,
        page: complete.pages[place.page.id]!,
        now: 2_000,
        tree: specimenTree,
        pictures: () => undefined,
        address: { path: '/journal/on-the-road', from: {}, open: {} },
        about: { entry: about },
      },
      ({ start, count }) => ({
        total: products.length,
        own: products.length,
        start,
        items: products.slice(start, start + count),
      }),
    );
    return made.bays.find(({ id }) => id === place.bayId)!;
  };

  it('are drawn where the text names them, in its order, and only those that it may name', () => {
    const both = add(add(plan, 'first'), 'second');
    const drawn = (text: readonly EntryBlock[]) => shelvesIn(view(both, text)).map(({ id }) => id);
    expect(drawn([said('a'), shelf('second'), shelf('first')])).toEqual(['second', 'first']);
    expect(drawn([shelf('first')])).toEqual(['first']);
    // It is in the plan, but not of this entry; the other is nowhere.
    expect(drawn([shelf('new'), shelf('nowhere')])).toEqual([]);
    // Before anything of it is published the text is read without them.
    expect(shelvesIn(view(plan, [said('a'), shelf('first')]))).toEqual([]);
  });

  it('are as high as they are, below words that are as high as they are', () => {
    const both = add(add(plan, 'first'), 'second');
    const height = (text: readonly EntryBlock[]) => bayHeight(view(both, text), firstBands, 1180);
    const [bare, one, two] = [
      height([said('a')]),
      height([said('a'), shelf('first')]),
      height([said('a'), shelf('first'), shelf('second')]),
    ];
    expect(one).toBeGreaterThan(bare + 100);
    expect(two - one).toBe(one - bare);
    expect(height([said('a'), said('b')])).toBeGreaterThan(bare);
  });
});

it('has a date that is said as the day of the store, not of the reader', () => {
  const { say } = entryFact('publishedAt')!;
  const late = Date.UTC(2026, 5, 30, 23, 30);
  expect(say(late, { ...specimenNames, timeZone: 'Europe/London' })).toBe('1 July 2026');
  expect(say(late, { ...specimenNames, timeZone: 'America/New_York' })).toBe('30 June 2026');
});
