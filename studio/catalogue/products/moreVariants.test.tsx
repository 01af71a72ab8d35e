// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Goods, GoodsVariant } from '../../../core/goods/goods.ts';
import { inStudio } from '../../specimen/inStudio.tsx';
import { MoreVariants } from './MoreVariants.tsx';
import { VariantRows } from './VariantRows.tsx';

afterEach(cleanup);

const options = [
  {
    id: 1,
    name: 'Glaze',
    values: [
      { id: 10, name: 'Peat', products: 1 },
      { id: 11, name: 'Chalk', products: 1 },
    ],
  },
  { id: 2, name: 'Size', values: [{ id: 20, name: 'Small', products: 1 }] },
];
const variant = (id: number, choice: string, values: number[]): GoodsVariant => ({
  id,
  choice,
  values,
  code: '',
  price: 1200,
  reduced: null,
  stock: 2,
  pictureId: null,
});
const jug = (...variants: GoodsVariant[]) =>
  ({ id: 7, title: 'Jug', variants, pictureIds: [] }) as unknown as Goods;

function draw(goods: Goods) {
  const sent: unknown[] = [];
  const keep = (answer: unknown) => (body: unknown) => {
    sent.push(body);
    return answer;
  };
  inStudio(
    <>
      <MoreVariants goods={goods} />
      <VariantRows goods={goods} onSet={() => undefined} />
    </>,
    {
      vocabulary: { options },
      answers: {
        'POST /api/goods/option': keep({ added: true }),
        'POST /api/goods/variant': keep({ id: 9 }),
        'POST /api/goods/variant/removed': keep({ removed: true }),
      },
    },
  );
  return sent;
}
const type = (name: string, value: string) =>
  fireEvent.change(screen.getByRole('textbox', { name }), { target: { value } });

describe('options and variants in the editor', () => {
  it('begin with an option of a product that can be had in one way only', async () => {
    const sent = draw(jug(variant(1, '', [])));
    expect(screen.queryByRole('button', { name: /^Add a / })).toBeNull();
    expect(screen.queryByRole('button', { name: /^Remove/ })).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Add an option…' }));
    const dialog = within(await screen.findByRole('dialog', { name: 'Add an option' }));
    dialog.getByText(/Other products have Glaze and Size/);
    type('Option', 'Length');
    expect(dialog.getByRole('button', { name: 'Add the option' })).toHaveProperty('disabled', true);
    type('What it is in it now', '30 cm');
    fireEvent.click(dialog.getByRole('button', { name: 'Add the option' }));
    await waitFor(() => expect(sent).toEqual([{ product: 7, choice: { option: 'Length', value: '30 cm' } }]));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('say what there is, and refuse what is there already before it is sent', async () => {
    const sent = draw(jug(variant(1, 'Peat', [10]), variant(2, 'Chalk', [11])));
    screen.getByText('Glaze, with 2 variants');
    fireEvent.click(screen.getByRole('button', { name: 'Add a glaze…' }));
    const dialog = within(await screen.findByRole('dialog', { name: 'Add a variant' }));
    type('Glaze', 'chalk');
    expect(dialog.getByRole('alert').textContent).toBe('There is a variant “chalk” already.');
    type('Glaze', 'Moss');
    fireEvent.click(dialog.getByRole('button', { name: 'Add the variant' }));
    await waitFor(() => expect(sent).toEqual([{ product: 7, choice: [{ option: 'Glaze', value: 'Moss' }] }]));
    fireEvent.click(screen.getByRole('button', { name: 'Add an option…' }));
    await screen.findByRole('dialog', { name: 'Add an option' });
    type('Option', 'glaze');
    expect((await screen.findByRole('alert')).textContent).toMatch(/has the option “glaze” already/);
  });

  it('are taken off once that is confirmed', async () => {
    const sent = draw(jug(variant(1, 'Peat', [10]), variant(2, 'Chalk', [11])));
    fireEvent.click(screen.getByRole('button', { name: 'Remove Chalk…' }));
    const dialog = within(await screen.findByRole('dialog', { name: 'Remove Chalk' }));
    expect(sent).toEqual([]);
    fireEvent.click(dialog.getByRole('button', { name: 'Remove the variant' }));
    await waitFor(() => expect(sent).toEqual([{ product: 7, id: 2 }]));
  });
});
