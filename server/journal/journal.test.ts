import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { undoneEdits, type Conflict } from '../../core/facts/factEdit.ts';
import type { Entry, EntryRow } from '../../core/journal/entry.ts';
import type { EntryEdit } from '../../core/journal/entryEdit.ts';
import type { EntryBlock } from '../../core/journal/entryText.ts';
import type { StoredPage } from '../../core/plan/page.ts';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
beforeAll(async () => {
  store = await smallStore();
  await put({ id: 'entry', kind: 'entry', name: 'Journal entry', bays: [{ id: 'entry', holds: 'entry' }] });
  expect((await store.publish()).statusCode).toBe(200);
});
afterAll(() => store.stop());

const said = (text: string): EntryBlock => ({ type: 'paragraph', content: [{ type: 'text', text }] });
const all = async () =>
  (await store.owner.ask('GET', '/api/journal')).json<{ entries: EntryRow[] }>().entries;
const one = async (id: number) =>
  (await store.owner.ask('GET', `/api/journal/one?id=${id}`)).json<{ entry: Entry | null }>().entry;
const write = (...edits: EntryEdit[]) => store.owner.ask('POST', '/api/journal/edit', { edits });
const conflictsOf = (answer: Awaited<ReturnType<typeof write>>) =>
  answer.json<{ conflicts: Conflict<EntryEdit>[] }>().conflicts;
const added = async (title: string) =>
  (await store.owner.ask('POST', '/api/journal/new', { title })).json<{ id: number }>().id;
const page = (path: string) => store.get(path, { accept: 'text/html' });
const put = (body: StoredPage) =>
  store.save({ key: `page:${body.id}`, version: 0, body: writtenDocument(body) });
/** What is written shows on the public page, a moment after it was written. */
const shows = (path: string, words: string) =>
  vi.waitFor(async () => {
    const { statusCode, body } = await page(path);
    expect(statusCode).toBe(200);
    expect(body.includes(words), words).toBe(true);
  });
const isGone = (path: string) => vi.waitFor(async () => expect((await page(path)).statusCode).toBe(404));
const edit = (id: number, fact: EntryEdit['fact'], was: unknown, is: unknown): EntryEdit => ({
  id,
  fact,
  was,
  is,
});

describe('the journal as its owner writes it', () => {
  it('has what was there before texts had headings, word for word', async () => {
    const entry = (await one(1))!;
    expect(entry).toMatchObject({ title: 'First', hidden: false, draft: null, text: [said('At length')] });
    await shows('/journal/first', '<p>At length</p>');
  });

  it('begins an entry hidden, at an address of its own, and shows it once it is shown', async () => {
    const [a, b] = [await added('On the road'), await added('On the road')];
    const [first, second] = [(await one(a))!, (await one(b))!];
    expect(first).toMatchObject({ slug: 'on-the-road', hidden: true, text: [] });
    expect(second.slug).not.toBe(first.slug);
    await isGone('/journal/on-the-road');
    await write(edit(a, 'text', [], [said('A long way')]), edit(a, 'hidden', true, false));
    await shows('/journal/on-the-road', '<p>A long way</p>');
    // From a date on: not before it.
    await write(edit(a, 'publishedAt', first.publishedAt, Date.UTC(2190, 0, 1)));
    await isGone('/journal/on-the-road');
    await write(edit(a, 'publishedAt', Date.UTC(2190, 0, 1), first.publishedAt));
    await shows('/journal/on-the-road', '<p>A long way</p>');
  });

  it('lists all of them, the newest first, and says which have a text that is not saved', async () => {
    const id = await added('Unfinished');
    await write(edit(id, 'draft', null, [said('So far')]));
    const entries = await all();
    expect(entries.map(({ publishedAt }) => publishedAt)).toEqual(
      entries.map(({ publishedAt }) => publishedAt).sort((x, y) => y - x),
    );
    expect(entries.find((entry) => entry.id === id)).toMatchObject({ drafted: true });
    expect(entries.filter(({ drafted }) => drafted)).toHaveLength(1);
  });

  it('shows nobody what is only being written, until it is saved', async () => {
    await write(edit(1, 'draft', null, [said('Not yet')]));
    await shows('/journal/first', '<p>At length</p>');
    await write(
      edit(1, 'text', [said('At length')], [said('Not yet')]),
      edit(1, 'draft', [said('Not yet')], null),
    );
    await shows('/journal/first', '<p>Not yet</p>');
    await write(edit(1, 'text', [said('Not yet')], [said('At length')]));
  });

  it('writes nothing where somebody else was there before, and says what is there', async () => {
    await write(edit(1, 'summary', 'In short', 'Mine'));
    const answer = await write(edit(1, 'author', '', 'Ada'), edit(1, 'summary', 'In short', 'Theirs'));
    expect(conflictsOf(answer)).toMatchObject([{ now: 'Mine', gone: false }]);
    expect(await one(1)).toMatchObject({ summary: 'Mine', author: '' });
    expect(conflictsOf(await write(edit(99_999, 'title', 'a', 'b')))).toMatchObject([{ gone: true }]);
    await write(...undoneEdits([edit(1, 'summary', 'In short', 'Mine')]));
  });

  it('leads on from a former address, and takes none that is taken', async () => {
    const id = await added('Second');
    await write(edit(id, 'hidden', true, false), edit(id, 'slug', 'second', 'the-second'));
    const moved = await page('/journal/second');
    expect(moved.statusCode).toBe(301);
    expect(moved.headers.location).toBe('/journal/the-second');
    const taken = await write(edit(id, 'slug', 'the-second', 'first'));
    expect(taken.statusCode).toBe(422);
    expect(taken.json<{ message: string }>().message).toContain('Another entry is at the address "first"');
  });

  it('gives two that are written at once each an address of its own', async () => {
    const ids = await Promise.all(Array.from({ length: 6 }, () => added('At once')));
    const slugs = (await all()).filter(({ id }) => ids.includes(id)).map(({ slug }) => slug);
    expect(new Set(slugs).size).toBe(6);
    // Both want the same address: one has it.
    const [a, b] = (await Promise.all(ids.slice(0, 2).map(one))) as [Entry, Entry];
    const answers = await Promise.all([a, b].map(({ id, slug }) => write(edit(id, 'slug', slug, 'wanted'))));
    expect(answers.map(({ statusCode }) => statusCode).sort()).toEqual([200, 422]);
  });

  it('has only pictures that are there', async () => {
    const answer = await write(edit(1, 'pictureId', null, 'a'.repeat(64)));
    expect(answer.statusCode).toBe(404);
    expect(await one(1)).toMatchObject({ pictureId: null });
  });

  it.each([
    ['a text of markup', edit(1, 'text', [said('At length')], [{ type: 'html', text: '<b>' }])],
    [
      'a link that runs a script',
      edit(1, 'draft', null, [
        {
          type: 'paragraph',
          content: [
            { type: 'text', text: 'x', marks: [{ type: 'link', attrs: { href: 'javascript:alert(1)' } }] },
          ],
        },
      ]),
    ],
    ['a fact there is not', edit(1, 'body' as never, '', 'x')],
    ['no title', edit(1, 'title', 'First', ' ')],
  ])('refuses %s with a sentence, and keeps what is there', async (_, faulty) => {
    const before = await one(1);
    const answer = await write(faulty);
    expect(answer.statusCode).toBe(400);
    expect(answer.json<{ message: string }>().message).toMatch(/\.$/);
    expect(await one(1)).toEqual(before);
  });

  it('shows a shelf in the text once both are there: the text when it is saved, the shelf when it is published', async () => {
    const shelf = { type: 'shelf', attrs: { shelfId: 'in-the-text' } } as const;
    await write(edit(1, 'text', [said('At length')], [said('At length'), shelf, said('Below')]));
    await shows('/journal/first', '<p>Below</p>');
    expect((await page('/journal/first')).body.includes('data-shelf="in-the-text"')).toBe(false);
    await put({
      id: 'its-own',
      kind: 'entry',
      name: 'First',
      about: 1,
      bays: [{ id: 'its-text', holds: 'entry', shelves: ['in-the-text'] }],
    });
    await store.save({
      key: 'shelf:in-the-text',
      version: 0,
      body: writtenDocument({ id: 'in-the-text', name: 'In the text' }),
    });
    expect((await store.publish()).statusCode).toBe(200);
    await shows('/journal/first', 'data-shelf="in-the-text"');
    const { document } = new JSDOM((await page('/journal/first')).body).window;
    const parts = [...document.querySelectorAll('.entry > :not(h1)')];
    expect(parts.map(({ className }) => className)).toEqual(['rich', 'entry-shelf', 'rich']);
    expect(parts[1]!.querySelectorAll('[data-card]').length).toBeGreaterThan(0);
    await write(edit(1, 'text', [said('At length'), shelf, said('Below')], [said('At length')]));
  });

  it('takes one out, and then it is gone', async () => {
    const id = await added('Short-lived');
    const remove = () => store.owner.ask('POST', '/api/journal/removed', { id });
    expect((await remove()).json()).toEqual({ removed: true });
    expect((await remove()).json()).toEqual({ removed: false });
    expect(await one(id)).toBeNull();
  });
});
