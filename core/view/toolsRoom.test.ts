import { describe, expect, it } from 'vitest';
import { valueAt } from '../bands/varying.ts';
import { innerWidth } from '../geometry/steps.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { specimenBay, specimenShelf, specimenStored, specimenView } from '../specimen/specimen.ts';
import { LEAST_BESIDE_PX } from './byBands.ts';
import { toolsRoom } from './toolsRoom.ts';

const planWith = (tools: object) =>
  completePlan(specimenStored([{ ...specimenShelf('a'), tools }], [specimenBay('a')]));

const roomOf = (plan: ReturnType<typeof planWith>, mostPx: number | null) => {
  const { bands, margin } = plan.house;
  const [first] = bands;
  return { bands, room: { marginPx: margin, takenPx: { [first!.id]: 0 }, mostPx: { [first!.id]: mostPx } } };
};

describe('filters beside a list', () => {
  const filters = [{ id: 'brand' }];

  it('take their width and the space beside them of the list, at every width at which they stand there', () => {
    const plan = planWith({
      filters,
      stand: { phone: 'start' },
      widthPx: { phone: 200 },
      gap: { phone: 20 },
    });
    const { bands, room } = roomOf(plan, 900);
    const { tools } = plan.shelves.a!;
    const { inside, stand } = toolsRoom(room, tools, bands);
    for (const band of bands)
      for (const regionPx of [Math.max(320, band.from), band.from + 200, 2_000]) {
        const whole = innerWidth(room, bands, band.id, regionPx);
        const left = innerWidth(inside, bands, band.id, regionPx);
        const beside = valueAt(stand, bands, band.id) !== 'button';
        expect(whole - left, `${band.id} ${regionPx}`).toBe(beside ? 220 : 0);
      }
    // Too little of a phone would be left.
    expect(valueAt(stand, bands, bands[0]!.id)).toBe('button');
    expect(valueAt(stand, bands, bands.at(-1)!.id)).toBe('start');
  });

  it('leave the list at least so much as is asked for, wherever they stand', () => {
    for (const widthPx of [140, 300, 480]) {
      const plan = planWith({
        filters,
        stand: { phone: 'end' },
        widthPx: { phone: widthPx },
        gap: { phone: 120 },
      });
      const { bands, room } = roomOf(plan, null);
      const { inside, stand } = toolsRoom(room, plan.shelves.a!.tools, bands);
      for (const { id, from } of bands)
        if (valueAt(stand, bands, id) !== 'button')
          expect(innerWidth(inside, bands, id, Math.max(320, from))).toBeGreaterThanOrEqual(LEAST_BESIDE_PX);
    }
  });

  it('take no width as menus above it, however narrow that is', () => {
    const plan = planWith({ filters, stand: { phone: 'menus' } });
    const { bands, room } = roomOf(plan, 1_200);
    const { inside, stand } = toolsRoom(room, plan.shelves.a!.tools, bands);
    expect(inside).toBe(room);
    for (const { id } of bands) expect(valueAt(stand, bands, id)).toBe('menus');
    // There are no menus of what is not there.
    const none = planWith({ stand: { phone: 'menus' } });
    expect(valueAt(toolsRoom(room, none.shelves.a!.tools, bands).stand, bands, bands[0]!.id)).toBe('button');
  });

  it('take nothing where there are none, or where they are behind a button', () => {
    for (const tools of [{ stand: { phone: 'start' } }, { filters, stand: { phone: 'button' } }]) {
      const plan = planWith(tools);
      const { bands, room } = roomOf(plan, 1_200);
      expect(toolsRoom(room, plan.shelves.a!.tools, bands).inside).toBe(room);
    }
  });
});

describe('a shelf without tools', () => {
  it('asks for no counts, and has none', () => {
    const [bay] = specimenView(planWith({})).bays;
    expect((bay!.content as unknown as { shelf: { tools: unknown } }).shelf.tools).toBeNull();
  });
});
