import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstBands } from '../../plan/firstBands.ts';
import { apply } from '../../plan/commands.ts';
import { completePlan, type StoredPlan } from '../../plan/storedPlan.ts';
import { specimenShelf, specimenStored } from '../../specimen/specimen.ts';
import { elements } from '../elements/index.ts';
import { HOUSE_COLOURS } from '../houseColour.ts';
import { properties, type PropertyId } from '../properties/index.ts';
import { steps } from '../scale.ts';
import { schemes } from '../schemes/index.ts';
import { takeScheme } from '../takeScheme.ts';
import { takenIn } from '../styleTree.ts';
import { NoTokens, readTokens } from './readTokens.ts';
import { tokenKinds } from './tokenKinds.ts';
import { writeTokens } from './writeTokens.ts';

const start = specimenStored([specimenShelf('a')]);
const written = (plan: StoredPlan): string => JSON.stringify(writeTokens(completePlan(plan).house));
const read = (file: object | string) =>
  readTokens(typeof file === 'string' ? file : JSON.stringify(file), firstBands);
const taken = (file: object | string, plan = start) => apply(plan, read(file).command);
const whyNot = (file: object) => read(file).not.map(({ path, why }) => `${path}: ${why}`);

/** Any value that the usual control of a property can set. */
function anyValue(id: PropertyId): fc.Arbitrary<unknown> {
  const { control } = properties[id].kind;
  if (control.is === 'choice') return fc.constantFrom(...control.options.map(({ value }) => value));
  if (control.is === 'colour')
    return fc.oneof(
      fc.constantFrom(...Object.keys(HOUSE_COLOURS)),
      fc.integer({ min: 0, max: 0xffffff }).map((one) => `#${one.toString(16).padStart(6, '0')}`),
    );
  if (control.is !== 'number') throw new Error(`Nobody knows what ${id} can be.`);
  const { least, most, step, steps: of } = control;
  const number = fc
    .integer({ min: 0, max: Math.floor((most - least) / step) })
    .map((times) => Math.round((least + step * times) * 10) / 10);
  return of ? fc.oneof(number, fc.constantFrom(...steps[of].map(({ id }) => id))) : number;
}

/** At some widths from one on, and from another on perhaps not any more. */
const anyVarying = (value: fc.Arbitrary<unknown>): fc.Arbitrary<object> =>
  fc
    .tuple(
      fc.subarray(
        firstBands.map(({ id }) => id),
        { minLength: 1 },
      ),
      fc.array(value, { minLength: 4, maxLength: 4 }),
      fc.boolean(),
    )
    .map(([ids, values, ends]) =>
      Object.fromEntries(ids.map((id, i) => [id, ends && i > 0 && i === ids.length - 1 ? null : values[i]])),
    );

const all = elements.flatMap((element) =>
  element.states.flatMap((state) =>
    takenIn(element, state).map((property) => ({ element: element.id, state, property })),
  ),
);

const anyScale: fc.Arbitrary<StoredPlan['house']['scale']> = fc.record(
  {
    size: fc.constantFrom<Record<string, number>[]>({ phone: 15 }, { phone: 14, laptop: 18 }),
    ratio: fc.constantFrom<Record<string, number>[]>({ phone: 115, tablet: 125 }, { phone: 120 }),
    space: fc.constantFrom<Record<string, number>[]>({ phone: 6, wide: 10 }),
  },
  { requiredKeys: [] },
);

/** Some values of some elements in some states. */
const anyStyle: fc.Arbitrary<object> = fc.subarray(all, { minLength: 1, maxLength: 40 }).chain((some) =>
  fc
    .tuple(
      ...some.map(({ property }) =>
        properties[property].varies ? anyVarying(anyValue(property)) : anyValue(property),
      ),
    )
    .map((values) => {
      const style: Record<string, Record<string, Record<string, unknown>>> = {};
      some.forEach(({ element, state, property }, i) => {
        ((style[element] ??= {})[state] ??= {})[property] = values[i];
      });
      return style;
    }),
);

describe('a file of tokens that is read back', () => {
  it('makes any house what it was written from', () => {
    fc.assert(
      fc.property(anyStyle, fc.constantFrom(...schemes), anyScale, (style, { colours }, scale) => {
        const plan = { ...start, house: { ...start.house, colours, scale, style: style as never } };
        const file = written(plan);
        expect(read(file).not).toEqual([]);
        // On the very house it changes nothing.
        expect(completePlan(taken(file, plan)).house).toEqual(completePlan(plan).house);
        const other = taken(file);
        expect(other.house.colours).toEqual(colours);
        expect(completePlan(other).house.scale).toEqual(completePlan(plan).house.scale);
        expect(completePlan(other).house.style).toEqual(completePlan(plan).house.style);
        expect(written(other)).toBe(file);
      }),
      { numRuns: 150 },
    );
  });

  it.each(schemes)('makes any house $name', (scheme) => {
    const plan = apply(start, takeScheme(scheme, firstBands));
    expect(taken(written(plan)).house).toEqual(plan.house);
    expect(taken(written(plan), plan)).toBe(plan);
  });
});

describe('what is written', () => {
  it('is tokens of the format, which name the colours that they follow', () => {
    const plan = apply(start, {
      do: 'together',
      commands: [
        ['title.rest.textColour', 'accent'],
        ['title.rest.size', { phone: 15, laptop: 18 }],
        ['title.rest.weight', 650],
        ['title.rest.family', 'nunito'],
        ['title.rest.lineHeight', 140],
        ['title.cardHover.textColour', '#102030'],
        ['title.rest.letterCase', 'upper'],
        ['button.rest.time', 200],
      ].map(([id, value]) => ({ do: 'set', on: { house: true }, setting: `style.${id as string}`, value })),
    } as never);
    const { color, elements: of } = JSON.parse(written(plan)) as Record<string, Record<string, object>>;
    expect(color!.accent).toEqual({
      $type: 'color',
      $value: { colorSpace: 'srgb', components: [0.13333, 0.26667, 0.4], hex: '#224466' },
      $description: 'Accent',
    });
    expect(of!.title).toEqual({
      textColour: { $type: 'color', $value: '{color.accent}' },
      family: { $type: 'fontFamily', $value: ['Nunito', 'sans-serif'] },
      size: {
        $type: 'dimension',
        $value: { value: 15, unit: 'px' },
        $extensions: { 'wide-shelf': { widths: { laptop: { value: 18, unit: 'px' } } } },
      },
      weight: { $type: 'fontWeight', $value: 650 },
      lineHeight: { $type: 'number', $value: 1.4 },
      $extensions: {
        'wide-shelf': {
          states: {
            rest: { letterCase: { $value: 'upper' } },
            cardHover: {
              textColour: {
                $type: 'color',
                $value: { colorSpace: 'srgb', components: [0.06275, 0.12549, 0.18824], hex: '#102030' },
              },
            },
          },
        },
      },
    });
    expect(of!.button).toEqual({ time: { $type: 'duration', $value: { value: 200, unit: 'ms' } } });
  });
});

describe('a file of others’ making', () => {
  it('is read as far as it goes, and what was not understood is listed', () => {
    const file = {
      brand: {
        $type: 'color',
        primary: { $value: '#0a5' },
        tertiary: { $value: '#123456' },
        background: { $value: { colorSpace: 'oklch', components: [0.98, 0.01, 90] } },
      },
      sale: { $type: 'color', $value: '{brand.tertiary}' },
      type: {
        $type: 'fontFamily',
        body: { $value: 'Hanken Grotesk' },
        heading: { $value: ['Nowhere Sans', 'serif'] },
      },
      gap: { $type: 'dimension', $value: '16px' },
    };
    const { command, understood, not } = read(file);
    const { house } = apply(start, command);
    expect(house.colours).toMatchObject({ accent: '#00aa55', reduced: '#123456' });
    expect(house.colours!.ground).toMatch(/^#f[\da-f]{5}$/);
    expect(house.style).toEqual({ page: { rest: { family: 'hanken-grotesk' } } });
    expect(understood).toBe(4);
    expect(not).toEqual([
      { path: 'brand.tertiary', why: 'Nothing here goes by that name.' },
      { path: 'type.heading', why: 'None of these typefaces is shipped here.' },
      { path: 'gap', why: 'Nothing here goes by that name.' },
    ]);
  });

  it('may name tokens in circles, or after none', () => {
    expect(
      whyNot({
        $type: 'color',
        accent: { $value: '{text}' },
        text: { $value: '{accent}' },
        line: { $value: '{line}' },
        quiet: { $value: '{nowhere.at.all}' },
      }),
    ).toEqual([
      'accent: It is named after itself, round in a circle.',
      'text: It is named after itself, round in a circle.',
      'line: It is named after itself, round in a circle.',
      'quiet: It is named after "nowhere.at.all", which is not in the file.',
    ]);
  });

  it('says of each value what is wrong with it', () => {
    expect(
      whyNot({
        color: {
          accent: { $type: 'color', $value: '#11223344' },
          text: { $type: 'color', $value: 'url(x)' },
        },
        elements: {
          title: {
            size: { $type: 'dimension', $value: { value: 5000, unit: 'px' } },
            weight: { $type: 'fontWeight', $value: 'heavyish' },
            nothing: { $value: 1 },
            $extensions: {
              'wide-shelf': {
                states: { asleep: { size: { $value: 1 } }, cardHover: { size: { $value: 1 } } },
              },
            },
          },
          chandelier: { size: { $value: '12px' } },
        },
      }),
    ).toEqual([
      'color.accent: This is no colour that can be read, or one that is seen through.',
      'color.text: This is no colour that can be read, or one that is seen through.',
      'elements.title.size: This is too large; 96 at most.',
      'elements.title.weight: This is no weight.',
      'elements.title.nothing: "nothing" is not set of Title.',
      'elements.chandelier.size: There is no element "chandelier".',
      'elements.title asleep.size: There is no state "asleep".',
      'elements.title cardHover.size: "size" is not set of Title in that state.',
    ]);
  });

  it.each([
    ['not at all JSON', 'nonsense'],
    ['a list', '[1, 2]'],
    ['a word', '"red"'],
    ['nothing', ''],
    ['more than it may be', `{"a": "${'x'.repeat(1_000_001)}"}`],
    ['deeper than it may be', `${'{"a":'.repeat(60)}1${'}'.repeat(60)}`],
  ])('that is %s is refused with a sentence', (_, text) => {
    expect(() => read(text)).toThrow(NoTokens);
    expect(() => read(text)).toThrow(/\.$/);
  });

  it('of any shape does no harm: it is read, or refused with a sentence, and what it sets can be stored', () => {
    const anyKey = fc.constantFrom(
      '$value',
      '$type',
      '$extensions',
      'color',
      'accent',
      'elements',
      'title',
      'size',
      '__proto__',
      'constructor',
      'states',
      'wide-shelf',
    );
    const anyLeaf = fc.oneof(
      fc.jsonValue(),
      fc.constantFrom('{color.accent}', 'color', 'dimension', '#abc', '</style>', 'expression(1)'),
    );
    const anyTree = fc.letrec((tie) => ({
      tree: fc.oneof({ maxDepth: 6 }, anyLeaf, fc.dictionary(anyKey, tie('tree'), { maxKeys: 5 })),
    })).tree;
    fc.assert(
      fc.property(anyTree, (tree) => {
        const text = JSON.stringify({ tree, color: tree, elements: { title: tree } });
        try {
          const after = taken(text);
          expect(written(after).includes('</style>')).toBe(false);
        } catch (error) {
          expect(error).toBeInstanceOf(NoTokens);
        }
      }),
      { numRuns: 400 },
    );
  });
});

describe('values in a file', () => {
  const { color, dimension, duration, fontWeight, fontFamily, number } = tokenKinds;

  it('may be written in every way of the format and of CSS', () => {
    for (const red of [
      '#f00',
      '#ff0000',
      '#FF0000ff',
      'red',
      'rgb(255 0 0)',
      'hsl(0 100% 50%)',
      { colorSpace: 'srgb', components: [1, 0, 0] },
      { colorSpace: 'srgb', components: [1, 0, 0], alpha: 1, hex: '#ff0000' },
      { colorSpace: 'hsl', components: [0, 100, 50] },
      { colorSpace: 'hwb', components: ['none', 0, 0] },
      { colorSpace: 'srgb-linear', components: [1, 0, 0] },
    ])
      expect(color.read(red), JSON.stringify(red)).toBe('#ff0000');
    // One at the very edge of sRGB.
    expect(color.read(color.write('#008a7b'))).toBe('#008a7b');
    // What sRGB has not comes as near as it can.
    expect(color.read({ colorSpace: 'display-p3', components: [0, 1, 0] })).toMatch(/^#00f[\da-f]{3}$/);
    expect([dimension.read('16px'), dimension.read({ value: 1.5, unit: 'rem' })]).toEqual([16, 24]);
    expect([duration.read('200ms'), duration.read({ value: 0.2, unit: 's' })]).toEqual([200, 200]);
    expect([fontWeight.read('semi-bold'), fontWeight.read(650)]).toEqual([600, 650]);
    expect(fontFamily.read(['Nowhere', 'noto sans'])).toBe('noto-sans');
    expect(number.read(1.4)).toBe(140);
  });

  it('that are nothing of the kind are not understood', () => {
    for (const none of [
      null,
      undefined,
      7,
      '',
      'url(x)',
      'rgb(0 0 0 / 50%)',
      {},
      [],
      { colorSpace: 'cmyk', components: [0, 0, 0] },
      { colorSpace: 'srgb', components: [0, 0] },
      { colorSpace: 'srgb', components: ['x', 0, 0] },
      { colorSpace: '__proto__', components: [0, 0, 0] },
      { colorSpace: 'srgb', components: [0, 0, 0], alpha: 0.5 },
    ])
      expect(color.read(none), JSON.stringify(none)).toBeUndefined();
    for (const none of [
      '16',
      '16pt',
      'px',
      { value: '16', unit: 'px' },
      { value: 16 },
      { value: NaN, unit: 'px' },
      { value: 1, unit: 'constructor' },
    ])
      expect(dimension.read(none), JSON.stringify(none)).toBeUndefined();
    expect(number.read('1.4')).toBeUndefined();
    expect(fontWeight.read('constructor')).toBeUndefined();
  });
});
