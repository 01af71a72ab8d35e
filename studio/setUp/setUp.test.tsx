// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import type { SetUpFacts } from '../../core/api/setUp.ts';
import { firstPlan } from '../../core/pages/firstPlan.ts';
import { homeTemplates } from '../../core/plan/pageTemplates/index.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import { inStudio } from '../specimen/inStudio.tsx';
import { FirstPlace } from './FirstPlace.tsx';
import SetUp from './SetUp.tsx';
import { SetUpBar } from './SetUpBar.tsx';

afterEach(cleanup);

const nothing: SetUpFacts = { products: 0, samples: 0, published: false };

interface Asked {
  facts?: SetUpFacts;
  stored?: StoredPlan;
  answers?: Record<string, (body: unknown, query: Readonly<Record<string, string>>) => unknown>;
}

/** The places that set-up leads to and from, in a store that has come so far. */
function open(
  at: string,
  { facts = nothing, stored = firstPlan('Harbour Lamps'), answers = {} }: Asked = {},
) {
  const now = { facts };
  const made = inStudio(
    <>
      <SetUpBar />
      <Routes>
        <Route path="set-up/:stepId?" element={<SetUp />} />
        <Route path="arrange" element={<p>Arrange is open</p>} />
        <Route path="catalogue/*" element={<p>The catalogue is open</p>} />
        <Route path="*" element={<FirstPlace />} />
      </Routes>
    </>,
    {
      stored,
      at,
      answers: {
        'GET /api/set-up': () => ({ ...now.facts }),
        'GET /api/live': () => ({ live: null }),
        'GET /api/import': () => ({ state: null, last: null }),
        'GET /api/goods/counts': () => ({ all: now.facts.products, missing: { picture: 2 } }),
        ...answers,
      },
    },
  );
  return { ...made, now };
}

const steps = () => screen.getByRole('navigation', { name: 'Steps' });
const step = (name: string) => within(steps()).getByText(name, { selector: 'b' }).closest('li')!;

describe('setting up a store', () => {
  it('is where a new store opens, at the first step that is not done', async () => {
    open('/');
    expect(await screen.findByRole('heading', { name: 'Your store' })).toBeTruthy();
    expect(step('Your store').getAttribute('aria-current')).toBe('step');
    expect(within(steps()).getByText('0 of 4 done')).toBeTruthy();
  });

  it('is not where one opens that shoppers see', async () => {
    open('/', { facts: { products: 3, samples: 0, published: true } });
    expect(await screen.findByText('Arrange is open')).toBeTruthy();
  });

  it('opens where arranging is when nobody can say how far it has come', async () => {
    open('/', {
      answers: {
        'GET /api/set-up': () => {
          throw new Error('away');
        },
      },
    });
    expect(await screen.findByText('Arrange is open')).toBeTruthy();
  });

  it('confirms what the store is, though nothing is changed, and goes on', async () => {
    const { draft } = open('/set-up/store');
    fireEvent.click(await screen.findByRole('button', { name: 'Next: your goods' }));
    expect(await screen.findByRole('heading', { name: 'Your goods' })).toBeTruthy();
    const { house } = draft.getState().draft;
    expect(house).toMatchObject({ storeName: 'Harbour Lamps', locale: 'en-GB', currency: 'GBP' });
    expect(within(step('Your store')).getByLabelText('Done')).toBeTruthy();
    act(() => draft.undo());
    expect(within(step('Your store')).queryByLabelText('Done')).toBeNull();
  });

  it('can be left at any step for the one after it', async () => {
    open('/set-up/goods');
    fireEvent.click(await screen.findByRole('link', { name: 'Do this later' }));
    expect(await screen.findByRole('heading', { name: 'Your home page' })).toBeTruthy();
    fireEvent.click(within(steps()).getByRole('link', { name: 'Do this: Your goods' }));
    expect(await screen.findByRole('heading', { name: 'Your goods' })).toBeTruthy();
  });

  it('goes on from goods only once there are some, and says what waits for them', async () => {
    open('/set-up/goods');
    const next = await screen.findByRole<HTMLButtonElement>('button', { name: 'Next: your home page' });
    expect(next.disabled).toBe(true);
    expect(screen.getByText('Add at least one product to go on.')).toBeTruthy();
    expect(within(screen.getByRole('region', { name: 'Your storefront now' })).getByText('New')).toBeTruthy();
    cleanup();
    open('/set-up/goods', { facts: { ...nothing, products: 2 } });
    expect(
      (await screen.findByRole<HTMLButtonElement>('button', { name: 'Next: your home page' })).disabled,
    ).toBe(false);
    expect(screen.getByRole('link', { name: 'See 2 products in the catalogue' })).toBeTruthy();
    expect(screen.queryByText('Step 2: as soon as you add products')).toBeNull();
  });
});

describe('goods of a new store', () => {
  it('are filled with samples, which are taken out once that is confirmed', async () => {
    const { now, asked } = open('/set-up/goods', {
      answers: {
        'POST /api/samples': () => {
          now.facts = { ...nothing, products: 24, samples: 24 };
          return { added: 24 };
        },
        'DELETE /api/samples': () => {
          now.facts = { ...nothing, products: 1 };
          return { removed: 23, left: 1 };
        },
      },
    });
    fireEvent.click(await screen.findByRole('button', { name: 'Add 24 samples' }));
    expect(await screen.findByText('24 samples in your store')).toBeTruthy();
    expect(await screen.findByText('24 products, all samples')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Remove the samples' }));
    expect(asked).not.toContain('DELETE /api/samples');
    const dialog = screen.getByRole('dialog');
    fireEvent.click(within(dialog).getByRole('button', { name: 'Remove the samples' }));
    expect(await screen.findByText(/^1 sample stayed/)).toBeTruthy();
    expect(await screen.findByText('Fill with sample goods')).toBeTruthy();
  });

  it('say why the samples were not put in', async () => {
    open('/set-up/goods');
    fireEvent.click(await screen.findByRole('button', { name: 'Add 24 samples' }));
    expect(await screen.findByRole('alert')).toBeTruthy();
  });

  it('are typed: a title and a price are enough, and what else is typed is written with them', async () => {
    const variant = { id: 7, price: 0, reduced: null, stock: 0, code: '', choice: '', values: [] };
    const edits: unknown[] = [];
    const { now, asked } = open('/set-up/goods', {
      answers: {
        'POST /api/goods/new': () => {
          now.facts = { ...nothing, products: 1 };
          return { id: 3 };
        },
        'GET /api/goods/one': () => ({ goods: { id: 3, pictureIds: [], variants: [variant] } }),
        'POST /api/goods/edit': (body) => {
          edits.push(...(body as { edits: unknown[] }).edits);
          return { conflicts: [] };
        },
      },
    });
    const add = await screen.findByRole<HTMLButtonElement>('button', { name: 'Add product' });
    expect(add.disabled).toBe(true);
    fireEvent.change(screen.getByLabelText('Title'), { target: { value: 'Lantern' } });
    for (const [label, value] of [
      ['Price', '12.50'],
      ['Stock', '4'],
    ] as const) {
      const field = screen.getByLabelText(label);
      act(() => field.focus());
      fireEvent.change(field, { target: { value } });
      act(() => field.blur());
    }
    await waitFor(() => expect(add.disabled).toBe(false));
    fireEvent.click(add);
    expect(await screen.findByText('Lantern is in your catalogue.')).toBeTruthy();
    expect(edits).toEqual([{ product: 3, of: 'variant', part: 7, fact: 'stock', was: 0, is: 4 }]);
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('');
    expect(await screen.findByText('Type a product')).toBeTruthy();
    expect(asked.filter((one) => one === 'POST /api/goods/new')).toHaveLength(1);
  });
});

describe('the home page of a new store', () => {
  it.each(homeTemplates.map(({ id, name }) => [id, name] as const))(
    'is made of the template %s, and brought back by undo',
    async (_, name) => {
      const { draft } = open('/set-up/home');
      fireEvent.click(await screen.findByRole('radio', { name: new RegExp(`^${name}:`) }));
      const before = draft.getState().draft.pages.home!.bays;
      fireEvent.click(screen.getByRole('button', { name: 'Use this page' }));
      const { bays } = draft.getState().draft.pages.home!;
      expect(bays).not.toEqual(before);
      expect(
        within(step('Your home page')).getByText(new RegExp(`^Made of ${bays.length} bay`)),
      ).toBeTruthy();
      act(() => draft.undo());
      expect(draft.getState().draft.pages.home!.bays).toEqual(before);
    },
  );
});

describe('what is missing', () => {
  it('is said above other places, with the way back, and not once all is there', async () => {
    open('/catalogue');
    const bar = await screen.findByRole('complementary', { name: 'What is missing' });
    expect(bar.textContent).toContain('There are no products yet');
    fireEvent.click(within(bar).getByRole('link'));
    expect(await screen.findByRole('heading', { name: 'Your store' })).toBeTruthy();
    expect(screen.queryByRole('complementary', { name: 'What is missing' })).toBeNull();
    cleanup();
    open('/catalogue', { facts: { products: 2, samples: 0, published: true } });
    expect(await screen.findByText('The catalogue is open')).toBeTruthy();
    expect(screen.queryByRole('complementary', { name: 'What is missing' })).toBeNull();
  });

  it('is listed before the store is opened: steps, samples and products without a picture', async () => {
    open('/set-up/publish', { facts: { products: 30, samples: 24, published: false } });
    const list = await screen.findByRole('list', { name: 'Before you open' });
    await waitFor(() =>
      expect(
        within(list)
          .getAllByRole('listitem')
          .map(({ textContent }) => textContent),
      ).toEqual([
        expect.stringMatching(/^Your store: Harbour Lamps/),
        expect.stringMatching(/^Your home page: /),
        expect.stringMatching(/^24 samples will be seen/),
        expect.stringMatching(/^2 products without/),
      ]),
    );
    expect(await screen.findByRole('button', { name: /^See and publish \d+ changes$/ })).toBeTruthy();
  });
});
