import { describe, expect, it, vi } from 'vitest';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenAnswer,
  specimenBay,
  specimenInput,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { viewAwaiting } from './driveView.ts';
import type { ItemsAnswer, ItemsRequest } from './view.ts';

const answerOf = specimenAnswer();

const shelf = (id: string, more: object = {}) =>
  specimenShelf(id, { assortment: { of: 'products', limit: 12 }, ...more });
const plan = completePlan(
  specimenStored(
    [shelf('a'), shelf('b', { notTwice: true }), shelf('c'), shelf('d'), shelf('e')],
    [
      specimenBay('a', { holds: 'shelf', shelfId: 'a' } as never),
      specimenBay('b', { holds: 'shelf', shelfId: 'b' } as never),
      specimenBay('c', { holds: 'shelf', shelfId: 'c' } as never),
      specimenBay('again', { holds: 'shelf', shelfId: 'c' } as never),
      specimenBay('t', {
        holds: 'tabs',
        tabs: [
          { id: 'd', shelfId: 'd' },
          { id: 'e', shelfId: 'e' },
        ],
      } as never),
    ],
  ),
);
const input = specimenInput(plan);

describe('a view whose answers have to be waited for', () => {
  it('asks at once for all that waits for nothing, those of closed tabs too, and for each of them once', async () => {
    const open: (() => void)[] = [];
    const ask = vi.fn(
      (request: ItemsRequest) =>
        new Promise<ItemsAnswer>((resolve) => open.push(() => resolve(answerOf(request)))),
    );
    const made = viewAwaiting(input, ask);
    const asked = () => ask.mock.calls.map(([{ shelfId }]) => shelfId);
    expect(asked()).toEqual(['a', 'c', 'd', 'e']);
    open.forEach((answer) => answer());
    // What leaves out what is shown above is asked for once that is known.
    await vi.waitFor(() => expect(asked()).toEqual(['a', 'c', 'd', 'e', 'b']));
    expect(ask.mock.calls[4]![0].without).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
    open.at(-1)!();
    await made;
    expect(ask).toHaveBeenCalledTimes(5);
  });

  it('is the one that is made of answers that are at hand', async () => {
    const made = await viewAwaiting(input, (request) => Promise.resolve(answerOf(request)));
    const atHand = specimenView(plan);
    expect(JSON.stringify(made)).toBe(JSON.stringify(atHand));
  });

  it('fails with the first answer that does, and leaves no other failure unheard', async () => {
    const unheard = vi.fn();
    process.on('unhandledRejection', unheard);
    await expect(viewAwaiting(input, () => Promise.reject(new Error('away')))).rejects.toThrow('away');
    await new Promise((resolve) => setTimeout(resolve, 20));
    process.off('unhandledRejection', unheard);
    expect(unheard).not.toHaveBeenCalled();
  });
});
