import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrast, LEAST_CONTRAST } from '../colour/contrast.ts';
import { labelForms } from '../label/labelForms.ts';
import { labelKinds } from '../label/labels/index.ts';
import type { StoreLabel } from '../label/storeLabel.ts';
import { apply } from '../plan/commands.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenHouse,
  specimenNames,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { findingsIn, findingsOn } from './index.ts';

const withLabels = (list: readonly StoreLabel[], style: object = {}, ofShelf: object = {}): StoredPlan => ({
  ...specimenStored([specimenShelf('a', { style: ofShelf } as never)]),
  house: { ...specimenHouse, labels: { list: [...list] }, style: style as never },
});
const found = (stored: StoredPlan) =>
  findingsIn(completePlan(stored), specimenNames).filter(({ check }) => check === 'label-colours');
const drawnLow = (stored: StoredPlan) => {
  const plan = completePlan(stored);
  return findingsOn(specimenView(plan, 4), plan, specimenNames).filter(
    ({ check, element }) => check === 'text-hard-to-read' && element === 'label',
  );
};

describe('colours of a label’s own', () => {
  it('are said where they cannot be read, by label, and mended by the offer', () => {
    const stored = withLabels([
      { id: 'sale', kind: 'sale', words: 'Now less', ground: '#ffee00', ink: '#ffffff' },
      { id: 'new', kind: 'new' },
    ]);
    const [one, ...others] = found(stored);
    expect(others).toEqual([]);
    expect(one!.text).toMatch(/^Low contrast: sale label, “Now less”, 1\.\d:1 on #ffee00, needs 4\.5:1$/i);
    expect(one).toMatchObject({ at: { on: 'house' }, goTo: 'labels' });
    const mended = apply(stored, one!.fix!.command);
    expect(found(mended)).toEqual([]);
    expect(completePlan(mended).house.labels.list[1]).toEqual({ id: 'new', kind: 'new' });
  });

  it('of any kind and pair of colours are found if and only if they are too near, and can be mended', () => {
    const colour = fc
      .integer({ min: 0, max: 0xffffff })
      .map((rgb) => `#${rgb.toString(16).padStart(6, '0')}`);
    fc.assert(
      fc.property(
        fc.constantFrom(...labelKinds.map(({ id }) => id)),
        fc.option(colour, { nil: undefined }),
        fc.option(colour, { nil: undefined }),
        (kind, ground, ink) => {
          const label: StoreLabel = { id: 'one', kind, ...(ground && { ground }), ...(ink && { ink }) };
          const stored = withLabels([label]);
          const [form] = labelForms([label], completePlan(stored).house.colours, specimenNames);
          const drawn = { ...form!.atFirst, ...form!.own } as Record<string, string>;
          const isLow = contrast(drawn.textColour!, drawn.background!) < LEAST_CONTRAST;
          const told = found(stored);
          expect(told.length).toBe(isLow ? 1 : 0);
          for (const { fix } of told) expect(found(apply(stored, fix!.command))).toEqual([]);
        },
      ),
    );
  });
});

describe('labels that are styled', () => {
  const list: StoreLabel[] = [
    { id: 'sale', kind: 'sale' },
    { id: 'new', kind: 'new', ground: '#0f4f4a', ink: '#ffffff' },
  ];

  it('are judged each in its own colours, and offered one that can be read on all', () => {
    const stored = withLabels(list, { label: { rest: { textColour: '#7a6a6a' } } });
    const [one] = drawnLow(stored);
    // The one with colours of its own keeps them.
    expect(one!.text).toMatch(/^Low contrast: labels \(sale label\), /i);
    expect(drawnLow(apply(stored, one!.fix!.command))).toEqual([]);
  });

  it('by a shelf come over colours of their own', () => {
    const pale = { label: { rest: { textColour: '#0f4f4a' } } };
    expect(drawnLow(withLabels(list, pale)).map(({ text }) => text)).not.toContainEqual(
      expect.stringContaining('#0f4f4a'),
    );
    expect(drawnLow(withLabels(list, {}, pale)).map(({ text }) => text)).toContainEqual(
      expect.stringContaining('on #0f4f4a'),
    );
  });

  it('are no finding where a shelf shows none', () => {
    const stored = withLabels(list, { label: { rest: { textColour: '#7a6a6a' } } });
    const shown = Object.fromEntries(labelKinds.map(({ id }) => [id, { shown: { phone: false } }]));
    const none = apply(stored, {
      do: 'set',
      on: { shelf: 'a' },
      setting: 'card.labels.sale.shown',
      value: shown.sale!.shown,
    });
    expect(drawnLow(stored)).not.toEqual([]);
    expect(drawnLow(none)).toEqual([]);
  });
});
