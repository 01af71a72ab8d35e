import { describe, expect, it } from 'vitest';
import { newAssortment, newCard, firstBands } from './atFirst.ts';
import { apply } from './commands.ts';
import { copyLines } from './copyLines.ts';
import { otherWayOf, withoutTrials } from './plan.ts';
import { changesBetween } from '../change/change.ts';
import { specimenNames, specimenPlan, specimenShelf } from '../specimen/specimen.ts';

const plan = specimenPlan([
  specimenShelf('one', {
    form: { phone: 'carousel' },
    visible: { phone: 2.3 },
    across: { by: 'count', count: { phone: 1, laptop: 5 }, smallest: { phone: 200 } },
  }),
  specimenShelf('two'),
  specimenShelf('three', {
    assortment: newAssortment('categories'),
    card: newCard('categories', firstBands),
  }),
]);
const place = (bay: string) => ({ page: 'home', bay });

describe('copying lines', () => {
  it('copies what was chosen to each shelf, and nothing else, as one command', () => {
    const next = apply(plan, copyLines(plan, place('one'), ['across'], [place('two'), place('three')]));
    for (const id of ['two', 'three']) {
      expect(next.shelves[id]!.across).toEqual(plan.shelves.one!.across);
      expect(next.shelves[id]!.visible).toEqual({ phone: 2.3 });
      expect(next.shelves[id]!.form).toEqual({ phone: 'grid' });
      expect(next.shelves[id]!.name).toBe(id);
    }
    expect(next.shelves.one).toBe(plan.shelves.one);
    const said = changesBetween(plan, next, specimenNames).map(({ text }) => text);
    expect(said).toContain('now 2.3 in sight on Phone, was 1.4 in sight');
  });

  it('leaves a card of another kind its parts, unless what is shown comes with it', () => {
    const card = apply(plan, copyLines(plan, place('one'), ['card'], [place('three')]));
    expect(card.shelves.three!.card.order).toEqual(plan.shelves.three!.card.order);
    const shows = apply(plan, copyLines(plan, place('one'), ['shows'], [place('three')]));
    expect(shows.shelves.three!.assortment.of).toBe('products');
    expect(shows.shelves.three!.card.order).toEqual(plan.shelves.one!.card.order);
  });

  it('copies the look of the bay without its heading', () => {
    const wide = apply(plan, { do: 'set', on: place('one'), setting: 'look.width', value: 'window' });
    const next = apply(wide, copyLines(wide, place('one'), ['look'], [place('two')]));
    expect(next.pages.home!.bays[1]!.look.width).toBe('window');
    expect(next.pages.home!.bays[1]!.heading.words).toBe('Heading of two');
  });
});

describe('trying another way', () => {
  const trying = apply(plan, { do: 'tryAnother', shelf: 'one' });
  const changed = apply(trying, {
    do: 'set',
    on: { shelf: otherWayOf('one') },
    setting: 'form',
    value: { phone: 'list' },
  });

  it('changes nothing that a shopper sees until it is kept', () => {
    expect(withoutTrials(changed)).toEqual(plan);
    expect(changesBetween(plan, changed, specimenNames)).toEqual([]);
  });

  it('leaves nothing of the other, whichever is kept', () => {
    expect(apply(changed, { do: 'keepWay', shelf: 'one', keep: 'asItIs' })).toEqual(plan);
    const kept = apply(changed, { do: 'keepWay', shelf: 'one', keep: 'other' });
    expect(kept.shelves.one!.form).toEqual({ phone: 'list' });
    expect(Object.keys(kept.shelves)).toEqual(['one', 'two', 'three']);
  });

  it('goes with the shelf that it was tried for', () => {
    const gone = apply(changed, { do: 'removeBay', page: 'home', bay: 'one' });
    expect(Object.keys(gone.shelves)).toEqual(['two', 'three']);
  });
});
