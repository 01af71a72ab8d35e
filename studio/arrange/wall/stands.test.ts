import { describe, expect, it } from 'vitest';
import { firstBands } from '../../../core/plan/firstBands.ts';
import { canTurn, freeStand, standsOf, type WallChoice } from './stands.ts';

const all: WallChoice = { away: new Set(), turned: new Set(), freePx: null };

describe('what stands side by side', () => {
  it('is every band at its usual size, narrow to wide', () => {
    const stands = standsOf(firstBands, all);
    expect(stands.map(({ bandId }) => bandId)).toEqual(firstBands.map(({ id }) => id));
    const widths = stands.map(({ width }) => width);
    expect(widths).toEqual([...widths].sort((a, b) => a - b));
    for (const { bandId, width } of stands) {
      const at = firstBands.findIndex(({ id }) => id === bandId);
      expect(width).toBeGreaterThanOrEqual(firstBands[at]!.from);
      expect(width).toBeLessThan(firstBands[at + 1]?.from ?? Infinity);
    }
  });

  it('leaves out what was put away', () => {
    const [first, ...others] = firstBands;
    expect(standsOf(firstBands, { ...all, away: new Set([first!.id]) }).map(({ id }) => id)).toEqual(
      others.map(({ id }) => id),
    );
  });

  it('turns what can be held in a hand, which may then be as wide as another band', () => {
    const [phone] = standsOf(firstBands, all);
    const [turned] = standsOf(firstBands, { ...all, turned: new Set([phone!.id]) });
    expect(turned).toMatchObject({ id: phone!.id, width: phone!.height, height: phone!.width });
    expect(turned!.name).toBe(`${phone!.name}, landscape`);
    expect(turned!.bandId).not.toBe(phone!.bandId);
    const wide = standsOf(firstBands, all).at(-1)!;
    expect(canTurn(wide.width)).toBe(false);
    expect(standsOf(firstBands, { ...all, turned: new Set([wide.id]) }).at(-1)).toEqual(wide);
  });

  it('has a frame of any width in the band that it falls into', () => {
    for (const { id, from } of firstBands) {
      expect(freeStand(firstBands, Math.max(from, 280)).bandId).toBe(id);
      if (from > 0) expect(freeStand(firstBands, from - 1).bandId).not.toBe(id);
    }
    expect(freeStand(firstBands, 731)).toMatchObject({ width: 731, name: '731 px' });
  });
});
