// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { PictureMatch } from '../../../core/api/pictures.ts';
import { edited, type GoodsEdit } from '../../../core/goods/goodsEdit.ts';
import { MOST_OF_PRODUCT } from '../../../core/picture/limits.ts';
import { specimenGoods, specimenVariant } from '../../../core/specimen/goods.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { specimenStorePicture } from '../../specimen/storePicture.ts';
import { Pictures } from './Pictures.tsx';

afterEach(cleanup);

const picture = (letter: string, name: string) => specimenStorePicture({ id: letter.repeat(64), name });
const match = (letter: string, name: string, more: Partial<PictureMatch>): PictureMatch => ({
  picture: picture(letter, name),
  product: 1,
  variant: null,
  place: 0,
  title: 'Pouring jug',
  choice: '',
  ...more,
});
const front = match('a', 'J 1', {});
const back = match('b', 'J 1 2', { place: 2 });
const blue = match('c', 'J 1 BLUE', { variant: 11, choice: 'Blue' });
const bowl = match('d', 'bowl', { product: 2, title: 'Bowl' });

const full = Array.from({ length: MOST_OF_PRODUCT }, (_, i) => String(i).padStart(64, '0'));

/** The pictures that nothing uses, and a server that keeps what it is told. */
function draw(matches: PictureMatch[], { others = 0, bowls = [] as string[] } = {}) {
  const server = {
    goods: [
      specimenGoods(1, { title: 'Pouring jug', variants: [specimenVariant(10), specimenVariant(11)] }),
      specimenGoods(2, { title: 'Bowl', pictureIds: bowls }),
    ],
    edits: [] as GoodsEdit[],
  };
  const pictures = matches.map((one) => one.picture);
  inStudio(<Pictures which="unused" />, {
    answers: {
      'GET /api/pictures': () => ({ pictures, total: pictures.length }),
      'GET /api/pictures/counts': () => ({ all: 9, unused: pictures.length + others, unsaid: 0, unnamed: 0 }),
      'GET /api/pictures/matches': () => ({ matches: [...matches], others }),
      'POST /api/goods/many': (body) => {
        const { ids } = body as { ids: number[] };
        return { goods: server.goods.filter(({ id }) => ids.includes(id)) };
      },
      'POST /api/goods/edit': (body) => {
        const { edits } = body as { edits: GoodsEdit[] };
        server.edits.push(...edits);
        server.goods = server.goods.map((one) =>
          edits.filter(({ product }) => product === one.id).reduce(edited, one),
        );
        return { conflicts: [] };
      },
    },
  });
  return server;
}

const open = async () => {
  fireEvent.click(await screen.findByRole('button', { name: 'Put with products…' }));
  return screen.findByRole('dialog', { name: 'Pictures and the products they are named like' });
};

describe('pictures that are named like products', () => {
  it('are put with them, but for those that are left out, in one step that is taken back', async () => {
    const server = draw([front, back, blue, bowl], { others: 2 });
    const dialog = await open();
    const listed = await within(dialog).findByRole('listbox', { name: 'Pictures, by their products' });
    expect(
      within(listed)
        .getAllByRole('option')
        .map((each) => each.textContent),
    ).toEqual(['Pouring jugJ 1', 'Pouring jugJ 1 2', 'Pouring jug, BlueJ 1 BLUE', 'Bowlbowl']);
    expect(dialog.textContent).toContain(
      '2 pictures that nothing uses are named like no product, or like several.',
    );
    within(dialog).getByRole('button', { name: 'Put 4 pictures with 2 products' });
    fireEvent.click(within(listed).getByRole('option', { name: /^Bowl\s*bowl$/ }));
    fireEvent.click(await within(dialog).findByRole('button', { name: 'Put 3 pictures with 1 product' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    const ids = [front, blue, back].map((one) => one.picture.id);
    expect(server.goods[0]!.pictureIds).toEqual(ids);
    expect(server.goods[0]!.variants.map(({ pictureId }) => pictureId)).toEqual([null, blue.picture.id]);
    expect(server.goods[1]!.pictureIds).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Take back pictures of 1 product' }));
    await waitFor(() => expect(server.goods[0]!.pictureIds).toEqual([]));
    expect(server.goods[0]!.variants.map(({ pictureId }) => pictureId)).toEqual([null, null]);
  });

  it('stay where their product has as many as it can, which is said', async () => {
    const server = draw([bowl], { bowls: full });
    const dialog = await open();
    fireEvent.click(await within(dialog).findByRole('button', { name: 'Put 1 picture with 1 product' }));
    await within(dialog).findByText(/^1 picture had no room/);
    expect(server.edits).toEqual([]);
  });

  it('are found by product and by name; where there are none, it says what a name has to be', async () => {
    draw([front, bowl]);
    const dialog = await open();
    fireEvent.change(await within(dialog).findByRole('searchbox'), { target: { value: 'j 1' } });
    await waitFor(() => expect(within(dialog).getAllByRole('option')).toHaveLength(1));
    cleanup();
    draw([], { others: 1 });
    const none = await open();
    await within(none).findByText('1 picture that nothing uses is named like no product, or like several.');
    expect(within(none).getByRole('button', { name: 'Put them there' })).toHaveProperty('disabled', true);
  });
});
