import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { family as familyProperty } from '../style/properties/family.ts';
import { weightPlace, widthAt, type Face } from './face.ts';
import { faceIdOf, faceOf, facesHeld, FIRST_FACE, isFaceHere, whenFaceComes } from './faces.ts';
import { allTypeFamilies, FIRST_FAMILY, hasTypeFamily, typeFamily } from './families/index.ts';
import { fileFor, mergeFaces, READ_WEIGHTS } from './mergeFaces.ts';
import { takeOwnFamilies, type OwnFamily, type OwnFont } from './ownFamilies.ts';

const face = (width: number, upem = 1000): Face => ({
  upem,
  ascent: 900,
  descent: 200,
  weights: READ_WEIGHTS,
  advances: { a: READ_WEIGHTS.map(() => width), b: READ_WEIGHTS.map((_, i) => width + i) },
  pairs: { ab: READ_WEIGHTS.map(() => -10) },
});
const font = (id: string, weights: [number, number], slope: OwnFont['slope'] = 'upright'): OwnFont => ({
  id,
  slope,
  weights,
  sets: ['latin'],
});
const own = (...fonts: OwnFont[]): OwnFamily => ({
  id: 'own-plain',
  name: 'Plain',
  standIn: 'sans',
  metrics: { ascent: 0.9, descent: 0.2, letter: 0.5 },
  fonts,
});

afterEach(() => takeOwnFamilies([], () => Promise.reject(new Error('none'))));

describe('the file that a weight is taken from', () => {
  const files = (...weights: [number, number][]) => weights.map((one) => ({ weights: one }));
  const at = (weight: number, ...weights: [number, number][]) => fileFor(files(...weights), weight).weights;

  it('is the one that has it, else the nearest as a browser counts', () => {
    expect(at(400, [300, 300], [400, 400])).toEqual([400, 400]);
    expect(at(450, [200, 700], [100, 100])).toEqual([200, 700]);
    // Of 400 and 500 either does for the other, before what is lighter.
    expect(at(400, [300, 300], [500, 500], [700, 700])).toEqual([500, 500]);
    expect(at(500, [300, 300], [700, 700])).toEqual([300, 300]);
    expect(at(300, [200, 200], [400, 400])).toEqual([200, 200]);
    expect(at(300, [400, 400], [700, 700])).toEqual([400, 400]);
    expect(at(600, [500, 500], [700, 700], [900, 900])).toEqual([700, 700]);
    expect(at(800, [300, 300], [500, 500])).toEqual([500, 500]);
  });

  it('is always one of them', () => {
    const weight = fc.integer({ min: 1, max: 1000 });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(weight, weight), { minLength: 1, maxLength: 6 }),
        weight,
        (all, wanted) => {
          const parts = files(...all.map(([a, b]): [number, number] => [Math.min(a, b), Math.max(a, b)]));
          const found = fileFor(parts, wanted);
          expect(parts).toContain(found);
          const within = parts.some(({ weights: [least, most] }) => least <= wanted && wanted <= most);
          expect(found.weights[0] <= wanted && wanted <= found.weights[1]).toBe(within);
        },
      ),
    );
  });
});

describe('a face of several files', () => {
  it('has at each weight the widths of the file that is taken, in units of one em', () => {
    const merged = mergeFaces([
      { weights: [400, 400], face: face(500) },
      { weights: [700, 700], face: face(1200, 2000) },
    ]);
    const at = (weight: number) => widthAt(merged.advances.a!, weightPlace(merged, weight)) / merged.upem;
    expect(at(400)).toBeCloseTo(0.5);
    expect(at(500)).toBeCloseTo(0.5);
    expect(at(700)).toBeCloseTo(0.6);
    expect(merged.pairs.ab![0]! / merged.upem).toBeCloseTo(-0.01);
  });

  it('takes a letter that one file lacks from another', () => {
    const { b, ...advances } = face(500).advances;
    const lacks = { ...face(500), advances, pairs: {} };
    const merged = mergeFaces([
      { weights: [400, 400], face: lacks },
      { weights: [700, 700], face: face(600) },
    ]);
    expect(b).toBeDefined();
    expect(merged.advances.b).toHaveLength(READ_WEIGHTS.length);
    expect(merged.advances.b![0]).toBeGreaterThanOrEqual(600);
    expect(merged.pairs.ab).toEqual([0, 0, 0, -10, -10]);
  });
});

describe("the owner's own families", () => {
  it('can be chosen, are measured once their widths are here, and are told of', async () => {
    const told = vi.fn();
    const end = whenFaceComes(told);
    const fetched = vi.fn(() => Promise.resolve(face(700)));
    takeOwnFamilies([own(font('one', [400, 400]))], fetched);
    expect(allTypeFamilies().at(-1)).toMatchObject({ id: 'own-plain', weights: [400, 400], sets: ['latin'] });
    expect(fetched).not.toHaveBeenCalled();
    const id = faceIdOf('own-plain', 'italic');
    // Without italics of its own it is slanted.
    expect(id).toBe('own-plain upright');
    expect(faceOf(id)).toBe(faceOf(FIRST_FACE));
    expect(isFaceHere(id)).toBe(false);
    await vi.waitFor(() => expect(isFaceHere(id)).toBe(true));
    expect(faceOf(id).advances.a![0]).toBe(700);
    expect(told).toHaveBeenCalledTimes(2);
    end();
  });

  it('are measured again when their files change, and only then', async () => {
    const take = (width: number, ...fonts: OwnFont[]) =>
      takeOwnFamilies([own(...fonts)], () => Promise.resolve(face(width)));
    take(700, font('one', [400, 400]));
    const id = faceIdOf('own-plain', 'upright');
    isFaceHere(id);
    await vi.waitFor(() => expect(isFaceHere(id)).toBe(true));
    const before = facesHeld();
    take(999, font('one', [400, 400]));
    expect(facesHeld()).toBe(before);
    expect(faceOf(id).advances.a![0]).toBe(700);
    take(800, font('two', [400, 400]), font('slanted', [400, 400], 'italic'));
    expect(facesHeld()).toBeGreaterThan(before);
    expect(faceIdOf('own-plain', 'italic')).toBe('own-plain italic');
    isFaceHere(id);
    await vi.waitFor(() => expect(faceOf(id).advances.a![0]).toBe(800));
  });

  it('that are gone are drawn as the first, and said to be', () => {
    const says = () => [familyProperty.say('own-plain'), familyProperty.kind.say('own-plain', {} as never)];
    takeOwnFamilies([own(font('one', [400, 400]))], () => Promise.resolve(face(1)));
    expect(says()).toEqual(['in Plain', 'plain – your own']);
    takeOwnFamilies([], () => Promise.resolve(face(1)));
    expect(hasTypeFamily('own-plain')).toBe(false);
    expect(typeFamily('own-plain')).toBe(FIRST_FAMILY);
    expect(says()).toEqual(['in a removed typeface', 'a removed typeface']);
    const { schema } = familyProperty.kind;
    expect(schema.isValidSync('own-plain')).toBe(true);
    for (const bad of ['own-', 'own-A', 'nothing', 'own-x"}body{', '', null, 3])
      expect(schema.isValidSync(bad)).toBe(false);
  });
});
