// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { partsOf } from '../../../core/card/parts/index.ts';
import { zoneKinds } from '../../../core/card/zones.ts';
import { readPath } from '../../../core/settings/path.ts';
import { placed } from '../../../core/settings/setting.ts';
import { shelfTree, type StoredShelf } from '../../../core/plan/shelf.ts';
import {
  specimenBay,
  specimenPicture,
  specimenPictured,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../../../core/specimen/specimen.ts';
import { shelvesOn } from '../../../core/view/shelvesIn.ts';
import type { Item } from '../../../core/card/item.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { CardParts } from './CardParts.tsx';

afterEach(cleanup);

const order = placed('shelf', 'card', shelfTree).find(({ id }) => id === 'card.order')!;

function Drawn({ wanted, goods }: { wanted: string | null; goods: readonly Item[] }) {
  const plan = useDraft((state) => state.plan);
  const shelf = plan.shelves.s!;
  const page = goods.length ? specimenView(plan, goods.length, {}, goods) : specimenView(plan);
  return (
    <CardParts
      on={{ shelf: 's' }}
      setting={order}
      value={readPath(shelf, 'card.order') as never}
      at={[]}
      shelf={shelf}
      view={goods.length ? shelvesOn(page)[0]!.shelf : null}
      page={page}
      bayId="s"
      wanted={wanted}
    />
  );
}

const product = specimenProduct(1, { brand: 'The Lower Kiln', code: 'KC-1001', category: 'Bowls' });
const answers = {
  'POST /api/items': () => ({ total: 1, own: 1, start: 0, items: [{ of: 'products', product }] }),
};

const open = (
  more: Partial<StoredShelf> = {},
  wanted: string | null = null,
  goods: readonly Item[] = [],
): InStudio =>
  inStudio(<Drawn wanted={wanted} goods={goods} />, {
    stored: specimenStored([specimenShelf('s', more)], [specimenBay('s')]),
    answers,
  });
const cardOf = ({ draft }: InStudio) => draft.getState().plan.shelves.s!.card;
const list = () => screen.getByRole('grid', { name: 'Parts of the card' });
const names = () =>
  within(list())
    .getAllByRole('row')
    .map((row) => row.querySelector('.name')!.textContent);
const row = (name: string) =>
  within(list())
    .getAllByRole('row')
    .find((one) => one.querySelector('.name')?.textContent === name)!;

describe('the parts of a card', () => {
  it('are those in use, in their order, each with what is set of it', () => {
    open({ card: { parts: { title: { lines: 3 }, price: { row: { phone: 'shared' }, when: 'hover' } } } });
    expect(names()).toEqual(['Picture', 'Title', 'Price']);
    expect(row('Title').textContent).toContain('up to 3 lines');
    expect(row('Price').textContent).toContain('on the same line on hover');
  });

  it('are shown at the widths that are pressed; turned off at the last, a part leaves and keeps its settings', () => {
    const studio = open({ card: { parts: { price: { when: 'hover' } } } });
    fireEvent.click(within(row('Price')).getByRole('button', { name: 'Price on Phone' }));
    expect(cardOf(studio).parts.price.shown).toMatchObject({ phone: false, tablet: true });
    for (const band of ['Tablet', 'Laptop', 'Wide'])
      fireEvent.click(within(row('Price')).getByRole('button', { name: `Price on ${band}` }));
    expect(names()).toEqual(['Picture', 'Title']);
    expect(cardOf(studio).parts.price.when).toBe('hover');
  });

  it('have their switches under the names of the widths, and named themselves where there are many widths', () => {
    const studio = open();
    const heads = () => [...document.querySelectorAll('[aria-hidden] > span')].map((one) => one.textContent);
    expect(heads()).toEqual(['Phone', 'Tablet', 'Laptop', 'Wide']);
    expect(within(row('Price')).getByRole('button', { name: 'Price on Phone' }).textContent).toBe('');
    const bands = studio.draft.getState().plan.house.bands;
    act(() =>
      studio.draft.run({
        do: 'editBands',
        edit: { is: 'add', band: { ...bands.at(-1)!, id: 'wall', name: 'Wall screen', from: 1800 } },
      }),
    );
    expect(studio.draft.getState().plan.house.bands).toHaveLength(bands.length + 1);
    expect(heads()).toEqual([]);
    expect(within(row('Price')).getByRole('button', { name: 'Price on Wall screen' }).textContent).toBe(
      'Wall screen',
    );
  });

  it('change places by keys, past parts that are not in use', () => {
    const studio = open();
    fireEvent.keyDown(row('Price'), { key: 'ArrowUp', altKey: true });
    expect(names()).toEqual(['Picture', 'Price', 'Title']);
    expect([...cardOf(studio).order].sort()).toEqual(partsIds());
    fireEvent.keyDown(row('Picture'), { key: 'ArrowUp', altKey: true });
    expect(names()).toEqual(['Picture', 'Price', 'Title']);
  });

  it('are added by typing, each with what it says of the own goods, and open at once', async () => {
    const studio = open();
    const field = screen.getByRole('combobox', { name: 'Add a part' });
    act(() => field.focus());
    fireEvent.change(field, { target: { value: 'code' } });
    const option = await screen.findByRole('option', { name: /Item code/ });
    await waitFor(() => expect(option.textContent).toContain('KC-1001'));
    fireEvent.click(option);
    expect(cardOf(studio).parts.code.shown).toEqual({ phone: true });
    expect(names()).toContain('Item code');
    expect(screen.getByRole('region', { name: 'Settings of the part Item code' })).toBeTruthy();
    // What is on the card already is not offered again.
    fireEvent.change(screen.getByRole('combobox', { name: 'Add a part' }), { target: { value: 'code' } });
    await waitFor(() => expect(screen.queryByRole('option', { name: /Item code/ })).toBeNull());
  });

  it('have a place that is chosen in a drawing which says what stands there', () => {
    const studio = open({ card: { parts: { brand: { shown: { phone: true } } } } }, 'card.parts.brand.zone');
    const drawing = screen.getByRole('radiogroup', { name: 'Where Brand stands' });
    expect(within(drawing).getAllByRole('radio')).toHaveLength(zoneKinds.length);
    const words = (name: string) =>
      within(drawing).getByRole('radio', { name }).closest('label')!.textContent;
    expect(words('With the text')).toBe('Brand');
    expect(words('Upper corner, start')).toBe('Labels');
    fireEvent.click(within(drawing).getByRole('radio', { name: 'Bar at the foot' }));
    expect(cardOf(studio).parts.brand.zone).toEqual({ phone: 'foot' });
    expect(words('Bar at the foot')).toBe('Brand');
    expect(words('With the text')).toBe('Title, Price');
    expect(row('Brand').textContent).toContain("in a bar at the picture's foot");
    act(() => studio.draft.undo());
    expect(words('With the text')).toBe('Brand');
  });

  it('have no place on a picture that is not shown, and a title none at all', () => {
    open(
      { card: { parts: { picture: { shown: { phone: false } }, brand: { shown: { phone: true } } } } },
      'card.parts.brand.zone',
    );
    const drawing = screen.getByRole('radiogroup', { name: 'Where Brand stands' });
    const offered = within(drawing)
      .getAllByRole<HTMLInputElement>('radio')
      .filter(({ disabled }) => !disabled);
    expect(offered.map((one) => one.getAttribute('aria-label') ?? one.value)).toHaveLength(1);
    cleanup();
    open({}, 'card.parts.title.lines');
    expect(screen.getByRole('region', { name: 'Settings of the part Title' })).toBeTruthy();
    expect(screen.queryByRole('radiogroup', { name: /Where Title/ })).toBeNull();
  });

  it('say why they have no effect with what is shown now, and only then', () => {
    const card: StoredShelf['card'] = {
      parts: { picture: { second: true }, brand: { shown: { phone: true } } },
    };
    const notes = () => screen.queryAllByRole('note').map(({ textContent }) => textContent);
    const one = specimenPictured({});
    open({ card }, 'card.parts.brand.align', one);
    expect(notes()).toEqual(['Has no effect now: No card that is shown has anything to say here.']);
    cleanup();
    open({ card }, 'card.parts.picture.second', one);
    expect(notes()).toEqual(['Has no effect now: No product that is shown has a second picture.']);
    cleanup();
    const two: Item = {
      of: 'products',
      product: specimenProduct(2, { brand: 'Low Kiln', pictures: [specimenPicture(), specimenPicture()] }),
    };
    for (const part of ['picture', 'brand']) {
      open({ card }, `card.parts.${part}.zone`, [...one, two]);
      expect(notes()).toEqual([]);
      cleanup();
    }
    // What is switched off waits for nothing.
    open({}, 'card.parts.picture.second', one);
    expect(notes()).toEqual([]);
  });

  it('are removed by one press, and are back by undo', () => {
    const studio = open();
    fireEvent.click(row('Price'));
    fireEvent.click(screen.getByRole('button', { name: /Remove from the card/ }));
    expect(names()).toEqual(['Picture', 'Title']);
    expect(screen.queryByRole('region', { name: /Settings of the part/ })).toBeNull();
    act(() => studio.draft.undo());
    expect(names()).toEqual(['Picture', 'Title', 'Price']);
  });
});

const partsIds = () =>
  [
    ...new Set([
      'picture',
      ...(['products', 'categories', 'entries'] as const).flatMap((of) => partsOf(of).map(({ id }) => id)),
    ]),
  ].sort();
