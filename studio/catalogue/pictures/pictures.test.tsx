// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { PictureUses, StorePicture } from '../../../core/api/pictures.ts';
import { specimenGoods } from '../../../core/specimen/goods.ts';
import { specimenProduct } from '../../../core/specimen/specimen.ts';
import { inStudio, type Given } from '../../specimen/inStudio.tsx';
import { specimenStorePicture } from '../../specimen/storePicture.ts';
import { Route, Routes } from 'react-router';
import { Pictures } from './Pictures.tsx';
import { OnePicture } from './OnePicture.tsx';

afterEach(cleanup);

const jug = specimenStorePicture({ id: 'a'.repeat(64), name: 'Jug' });
const bowl = specimenStorePicture({ id: 'b'.repeat(64), name: '', alt: 'A bowl' });
const found = (pictures: StorePicture[]) => ({ pictures, total: pictures.length });
const unused: PictureUses = { catalogue: [], documents: [], live: false, releases: 0 };

const draw = (answers: Given['answers'], which: 'all' | 'unused' = 'all') =>
  inStudio(
    <Routes>
      <Route path="*" element={<Pictures which={which} />} />
    </Routes>,
    { answers },
  );
const one = (picture: StorePicture, uses: PictureUses, more: Given['answers'] = {}) =>
  inStudio(<OnePicture picture={picture} onClose={() => undefined} onRemoved={() => undefined} />, {
    answers: { 'GET /api/pictures/uses': () => ({ uses }), ...more },
  });

describe('the pictures of the store', () => {
  it('are named, and one without a name by what it shows', async () => {
    draw({ 'GET /api/pictures': () => found([jug, bowl]) });
    const tiles = await screen.findByRole('grid', { name: 'Pictures, the newest first' });
    expect(
      within(tiles)
        .getAllByRole('row')
        .map((row) => row.textContent),
    ).toEqual(['Jug', 'A bowl']);
    screen.getByText(/^2 pictures\. Drop files/);
  });

  it('say what to do where there are none, none found, or none that can be fetched', async () => {
    draw({ 'GET /api/pictures': () => found([]) });
    await screen.findByText(/^No pictures yet\. Drop JPEG/);
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'kiln' } });
    await screen.findByText('No picture is called “kiln”.');
    cleanup();
    draw({});
    await screen.findByText(/could not be fetched: Nobody answers/);
    screen.getByRole('button', { name: 'Try again' });
  });

  it('are narrowed to those that lack words or a name, each counted', async () => {
    const asked: string[] = [];
    draw({
      'GET /api/pictures': (_, { which }) => {
        asked.push(which!);
        return found(which === 'unnamed' ? [bowl] : [jug, bowl]);
      },
      'GET /api/pictures/counts': () => ({ all: 2, unused: 0, unsaid: 0, unnamed: 1 }),
    });
    const filter = await screen.findByRole('button', { name: '1 without a name' });
    expect(screen.queryByRole('button', { name: /without words/ })).toBeNull();
    fireEvent.click(filter);
    expect(await screen.findByText('1 picture found.')).toBeTruthy();
    expect(filter.getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(filter);
    expect(await screen.findByText(/^2 pictures\. Drop files/)).toBeTruthy();
    expect(asked).toContain('unnamed');
  });

  it('that nothing uses are removed together, once that is confirmed', async () => {
    let left = [jug, bowl];
    const { asked } = draw(
      {
        'GET /api/pictures': () => found(left),
        'GET /api/pictures/counts': () => ({ all: left.length, unused: left.length }),
        'POST /api/pictures/removed': (body) => {
          const { ids } = body as { ids: string[] };
          left = left.filter(({ id }) => !ids.includes(id));
          return { removed: ids };
        },
      },
      'unused',
    );
    fireEvent.click(await screen.findByRole('button', { name: 'Remove these…' }));
    expect(asked).not.toContain('POST /api/pictures/removed');
    fireEvent.click(screen.getByRole('button', { name: 'Remove 2 pictures' }));
    await screen.findByText('Every picture is used somewhere.');
    expect(screen.queryByRole('dialog')).toBeNull();
  });
});

describe('several pictures', () => {
  const tick = (name: string) =>
    fireEvent.click(within(screen.getByRole('row', { name })).getByRole('checkbox'));

  it('are put with a product after those that it has, in one step that is taken back', async () => {
    let goods = specimenGoods(7, { title: 'Egg cup', pictureIds: ['c'.repeat(64)] });
    const product = { ...specimenProduct(7), title: 'Egg cup' };
    draw({
      'GET /api/pictures': () => found([jug, bowl]),
      'GET /api/products': () => ({ products: [product] }),
      'POST /api/goods/many': () => ({ goods: [goods] }),
      'POST /api/goods/edit': (body) => {
        const { edits } = body as { edits: { is: unknown }[] };
        goods = { ...goods, pictureIds: edits[0]!.is as string[] };
        return { conflicts: [] };
      },
    });
    await screen.findByRole('row', { name: 'Jug' });
    expect(screen.queryByRole('region', { name: 'Chosen pictures' })).toBeNull();
    tick('Jug');
    tick('A bowl');
    const bar = within(await screen.findByRole('region', { name: 'Chosen pictures' }));
    bar.getByText('2 pictures chosen');
    const search = bar.getByRole('combobox', { name: 'Put them with a product' });
    act(() => search.focus());
    fireEvent.change(search, { target: { value: 'egg' } });
    fireEvent.click(within(await screen.findByRole('listbox')).getByRole('option', { name: /Egg cup/ }));
    await waitFor(() => expect(goods.pictureIds).toHaveLength(3));
    expect(goods.pictureIds.slice(1).sort()).toEqual([jug.id, bowl.id].sort());
    fireEvent.click(await screen.findByRole('button', { name: 'Take back 2 pictures put with Egg cup' }));
    await waitFor(() => expect(goods.pictureIds).toEqual(['c'.repeat(64)]));
  });

  it('are removed together, and those that something uses stay and are said', async () => {
    let left = [jug, bowl];
    draw({
      'GET /api/pictures': () => found(left),
      'POST /api/pictures/removed': (body) => {
        const { ids } = body as { ids: string[] };
        left = left.filter(({ id }) => id === jug.id);
        return { removed: ids.filter((id) => id !== jug.id) };
      },
    });
    await screen.findByRole('row', { name: 'Jug' });
    tick('Jug');
    tick('A bowl');
    fireEvent.click(await screen.findByRole('button', { name: 'Remove them…' }));
    expect(left).toHaveLength(2);
    fireEvent.click(screen.getByRole('button', { name: 'Remove 2 pictures' }));
    expect((await screen.findByText('1 picture is used and stayed.')).getAttribute('role')).toBe('status');
    await screen.findByText('1 picture chosen');
    fireEvent.click(screen.getByRole('button', { name: 'Choose none' }));
    await waitFor(() => expect(screen.queryByRole('region', { name: 'Chosen pictures' })).toBeNull());
  });
});

describe('one picture', () => {
  it('says where it is used, and offers to remove it only where it is not', async () => {
    one(jug, {
      catalogue: [
        { of: 'product', name: 'Inkwell jug', slug: 'inkwell-jug' },
        { of: 'value', name: 'Speckled', slug: null },
      ],
      documents: ['page:home'],
      live: true,
      releases: 1,
    });
    const list = await screen.findByRole('list', { name: 'Used in' });
    expect(
      within(list)
        .getAllByRole('listitem')
        .map((row) => row.textContent),
    ).toEqual(['In the draft: Page "Home"', 'Product: Inkwell jug', 'Option value: Speckled']);
    expect(within(list).getByRole('link', { name: 'Inkwell jug' }).getAttribute('href')).toBe(
      '/product/inkwell-jug',
    );
    expect(screen.queryByRole('button', { name: 'Remove from the store' })).toBeNull();
    cleanup();
    one(jug, unused);
    await screen.findByText('Nothing uses it.');
    screen.getByRole('button', { name: 'Remove from the store' });
    cleanup();
    one(jug, { ...unused, releases: 2 });
    await screen.findByText(/^Only 2 earlier releases used it/);
    expect(screen.queryByRole('button', { name: 'Remove from the store' })).toBeNull();
  });

  it('saves what is typed once it rests, with what stays in sight, and tells what went wrong', async () => {
    const sent: unknown[] = [];
    one(jug, unused, {
      'POST /api/pictures/words': (body) => {
        sent.push(body);
        return { picture: jug };
      },
    });
    fireEvent.change(screen.getByRole('textbox', { name: 'Name' }), { target: { value: 'Pouring' } });
    fireEvent.change(screen.getByRole('textbox', { name: 'Name' }), { target: { value: 'Pouring jug' } });
    fireEvent.keyDown(screen.getByRole('button', { name: /^What stays in sight: 50 % across/ }), {
      key: 'ArrowRight',
    });
    screen.getByText('Saving…');
    await screen.findByText('Saved. Shoppers see it at once.');
    expect(sent).toEqual([{ id: jug.id, name: 'Pouring jug', alt: '', focal: { x: 0.52, y: 0.5 } }]);
  });

  it('keeps what could not be saved, and saves it when it is pressed to', async () => {
    let reached = false;
    const sent: unknown[] = [];
    one(jug, unused, {
      'POST /api/pictures/words': (body) => {
        if (!reached) throw new Error('The server cannot be reached.');
        sent.push(body);
        return { picture: jug };
      },
    });
    fireEvent.change(screen.getByRole('textbox', { name: 'What it shows' }), { target: { value: 'A jug' } });
    await screen.findByText('The server cannot be reached.');
    expect(screen.getByRole('textbox', { name: 'What it shows' })).toHaveProperty('value', 'A jug');
    reached = true;
    fireEvent.click(screen.getByRole('button', { name: 'Save again' }));
    await screen.findByText('Saved. Shoppers see it at once.');
    expect(sent).toMatchObject([{ alt: 'A jug' }]);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('stays where something uses it by now', async () => {
    one(jug, unused, { 'POST /api/pictures/removed': () => ({ removed: [] }) });
    fireEvent.click(await screen.findByRole('button', { name: 'Remove from the store' }));
    await screen.findByText('Something uses it by now, so it stays.');
  });

  it('loses nothing that was typed last when it is closed', async () => {
    const sent: { name: string }[] = [];
    one(jug, unused, {
      'POST /api/pictures/words': (body) => {
        sent.push(body as { name: string });
        return { picture: jug };
      },
    });
    fireEvent.change(screen.getByRole('textbox', { name: 'Name' }), { target: { value: 'Last' } });
    cleanup();
    await waitFor(() => expect(sent).toMatchObject([{ name: 'Last' }]));
  });

  it('can have its former file back only where there is one', () => {
    one(jug, unused);
    expect(screen.queryByRole('button', { name: 'Put the former file back' })).toBeNull();
    cleanup();
    one({ ...jug, formerFile: 'c'.repeat(64) }, unused);
    screen.getByRole('button', { name: 'Put the former file back' });
  });
});
