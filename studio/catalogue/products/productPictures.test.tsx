// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { MOST_OF_PRODUCT } from '../../../core/picture/limits.ts';
import { specimenStorePicture } from '../../specimen/storePicture.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { ProductPictures } from './ProductPictures.tsx';

afterEach(cleanup);

const idOf = (one: string) => one.repeat(64);
const picture = (one: string) =>
  specimenStorePicture({ id: idOf(one), name: `Picture ${one}`, alt: `Shows ${one}` });

/** The pictures of a product as they are, and every order in which they were. */
function draw(...first: string[]) {
  const became: string[] = [];
  const words: unknown[] = [];
  function Held() {
    const [ids, setIds] = useState<readonly string[]>(first.map(idOf));
    return (
      <ProductPictures
        title="Jug"
        ids={ids}
        onChange={(next) => {
          became.push(next.map((id) => id[0]).join(''));
          setIds(next);
        }}
      />
    );
  }
  inStudio(<Held />, {
    answers: {
      'POST /api/pictures/named': (body) => ({
        pictures: (body as { ids: string[] }).ids.map((id) => picture(id[0]!)),
      }),
      'GET /api/pictures': () => ({ pictures: [picture('a'), picture('d')], total: 2 }),
      'POST /api/pictures/words': (body) => {
        words.push(body);
        return { picture: { ...picture('a'), ...(body as object) } };
      },
    },
  });
  return { became, words };
}

const tile = (name: string) => screen.findByRole('row', { name });

describe('the pictures of a product', () => {
  it('are moved by Alt and the arrow keys, not beyond the ends', async () => {
    const { became } = draw('a', 'b', 'c');
    const first = await tile('1, Picture a');
    fireEvent.keyDown(first, { key: 'ArrowLeft', altKey: true });
    expect(became).toEqual([]);
    fireEvent.keyDown(first, { key: 'ArrowRight', altKey: true });
    fireEvent.keyDown(await tile('2, Picture a'), { key: 'ArrowRight', altKey: true });
    fireEvent.keyDown(await tile('3, Picture a'), { key: 'ArrowRight', altKey: true });
    fireEvent.keyDown(await tile('3, Picture a'), { key: 'ArrowLeft', altKey: true });
    await tile('2, Picture a');
    expect(became).toEqual(['bac', 'bca', 'bac']);
  });

  it('are taken off, the one that is shown large, which is then the first', async () => {
    const { became } = draw('a', 'b');
    fireEvent.click(await tile('2, Picture b'));
    fireEvent.click(await screen.findByRole('button', { name: 'Take picture 2 off' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Take picture 1 off' }));
    await screen.findByText(/no picture yet/);
    expect(became).toEqual(['a', '']);
  });

  it('are added from the store, each once, until there are as many as there can be', async () => {
    const { became } = draw('a');
    fireEvent.click(await screen.findByRole('button', { name: 'Add from the store' }));
    const tiles = await screen.findByRole('listbox', { name: /Pictures of the store/ });
    fireEvent.click(await within(tiles).findByText('Picture d'));
    await tile('2, Picture d');
    fireEvent.click(within(tiles).getByText('Picture a'));
    expect(became.every((order) => new Set(order).size === order.length)).toBe(true);
    cleanup();
    draw(...'0123456789ab'.slice(0, MOST_OF_PRODUCT));
    await screen.findByText(`A product has at most ${MOST_OF_PRODUCT} pictures.`);
    expect(screen.queryByRole('button', { name: 'Add from the store' })).toBeNull();
  });

  it('say what they show, which is sent once typing rests', async () => {
    const { words } = draw('a', 'b');
    const shows = await screen.findByRole('textbox', { name: 'Shows' });
    expect((shows as HTMLInputElement).value).toBe('Shows a');
    fireEvent.change(shows, { target: { value: 'A jug from the side' } });
    await waitFor(() => expect(words).toEqual([expect.objectContaining({ alt: 'A jug from the side' })]));
    const ring = screen.getByRole('button', { name: /What stays in sight/ });
    fireEvent.keyDown(ring, { key: 'ArrowLeft' });
    // What waits is sent as another is shown.
    fireEvent.click(await tile('2, Picture b'));
    await waitFor(() => expect(words.at(-1)).toMatchObject({ focal: { x: 0.48, y: 0.5 } }));
  });
});
