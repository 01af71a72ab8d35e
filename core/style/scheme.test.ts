import { describe, expect, it } from 'vitest';
import { contrast, LEAST_CONTRAST } from '../colour/contrast.ts';
import { labelKindsCss } from '../css/labelCss.ts';
import { ownColours } from '../css/onDark.ts';
import { labelForms } from '../label/labelForms.ts';
import { labelKinds } from '../label/labels/index.ts';
import { apply, type Command } from '../plan/commands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { firstBands } from '../plan/firstBands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { specimenNames, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { contrastsOf } from './contrast.ts';
import { elements } from './elements/index.ts';
import { MOST_SCHEMES, schemesSchema, type Scheme } from './scheme.ts';
import { takeScheme } from './takeScheme.ts';
import { schemes } from './schemes/index.ts';

const start = specimenStored([specimenShelf('a')]);
const taken = (scheme: Scheme) => apply(start, takeScheme(scheme, firstBands));
const plain = ({ id, name, colours, style }: Scheme): Scheme => ({ id, name, colours, style });
const own = plain(schemes[0]!);
const isScheme = (value: unknown) => schemesSchema.isValidSync([value], { strict: true });

describe('the schemes that are shipped', () => {
  it('are at least six, each of its own id, name and colours', () => {
    expect(schemes.length).toBeGreaterThanOrEqual(6);
    for (const of of [
      (one: Scheme) => one.id,
      (one: Scheme) => one.name,
      (one: Scheme) => JSON.stringify(one.colours),
    ])
      expect(new Set(schemes.map(of)).size).toBe(schemes.length);
  });

  it.each(schemes)('$name can be stored', (scheme) => {
    expect(isScheme(plain(scheme))).toBe(true);
    expect(checkDocument('house', taken(scheme).house)).toBeNull();
  });

  it.each(schemes)('$name is legible: every element in every state, framed or not', (scheme) => {
    const { house } = completePlan(taken(scheme));
    const { bands, colours, style } = house;
    let read = 0;
    for (const element of elements)
      for (const state of element.states)
        for (const framed of [false, true]) {
          for (const found of contrastsOf([style], element, state, {
            bands,
            colours,
            behind: null,
            framed,
            labels: labelForms(house.labels.list, colours, specimenNames),
          })) {
            read += 1;
            expect(
              found.ratio,
              `${element.id} ${state}: ${found.colour} on ${found.on}`,
            ).toBeGreaterThanOrEqual(found.need);
          }
        }
    expect(read).toBeGreaterThan(50);
    // Texts of cards stand on the background of a card as well.
    for (const text of ['text', 'quiet', 'reduced'] as const)
      expect(contrast(colours[text], colours.card), text).toBeGreaterThanOrEqual(LEAST_CONTRAST);
  });
});

describe('labels', () => {
  it.each(schemes)('are legible in the colours of $name', ({ colours }) => {
    const list = labelKinds.map(({ id }) => ({ id, kind: id }));
    const forms = labelForms(list, colours, specimenNames);
    expect(forms.map(({ name }) => name)).toEqual(labelKinds.map(({ name }) => name));
    for (const { name, atFirst } of forms)
      expect(
        contrast(atFirst.background as string, atFirst.textColour as string),
        name,
      ).toBeGreaterThanOrEqual(LEAST_CONTRAST);
  });

  it('keep the colours that they have on the page wherever they stand', () => {
    for (const [, name] of labelKindsCss.matchAll(/var\(--([\w-]+)\)/g))
      expect([...ownColours(schemes[0]!.colours).map(([own]) => own), 'text', 'ground']).toContain(name);
  });
});

describe('taking a scheme', () => {
  it('takes the place of the whole look of the house, and of nothing else', () => {
    const set = (setting: string, value: unknown): Command => ({
      do: 'set',
      on: { house: true },
      setting,
      value,
    });
    const before = [
      set('style.title.rest.weight', 800),
      set('storeName', 'Elsewhere'),
      { do: 'set', on: { shelf: 'a' }, setting: 'style.title.rest.weight', value: 300 } as Command,
    ].reduce(apply, start);
    for (const scheme of schemes) {
      const after = apply(before, takeScheme(scheme, firstBands));
      expect(after.house.style ?? {}).toEqual(scheme.style);
      expect(after.house.colours).toEqual(scheme.colours);
      expect({ ...after.house, style: null, colours: null }).toEqual({
        ...before.house,
        style: null,
        colours: null,
      });
      expect(after.shelves).toBe(before.shelves);
    }
  });

  it('is from the narrowest width on where the store has other widths', () => {
    const bands = [{ ...firstBands[0]!, id: 'small' }, ...firstBands.slice(1)];
    const after = apply(
      start,
      takeScheme(
        {
          ...own,
          style: {
            button: { rest: { corners: { phone: 9 }, weight: 700 } },
            title: { rest: { size: { phone: 15, laptop: 18 } } },
          },
        },
        bands,
      ),
    );
    expect(after.house.style).toEqual({
      button: { rest: { corners: { small: 9 }, weight: 700 } },
      title: { rest: { size: { laptop: 18 } } },
    });
  });

  it('changes nothing the second time', () => {
    for (const scheme of schemes) {
      const once = taken(scheme);
      expect(apply(once, takeScheme(scheme, firstBands))).toBe(once);
    }
  });
});

describe('a scheme that an owner keeps', () => {
  it('has a name, all colours and a style that there is', () => {
    expect(isScheme(own)).toBe(true);
    expect(isScheme({ ...own, name: ' ' })).toBe(false);
    expect(isScheme({ ...own, colours: { ...own.colours, ground: 'red' } })).toBe(false);
    expect(isScheme({ ...own, colours: { ground: '#ffffff' } })).toBe(false);
    expect(isScheme({ ...own, style: { title: { rest: { weight: 5000 } } } })).toBe(false);
    expect(isScheme({ ...own, style: { nothing: {} } })).toBe(false);
    expect(isScheme({ ...own, style: null })).toBe(false);
    expect(isScheme({ ...own, other: 1 })).toBe(false);
  });

  it('says what of it cannot be drawn', () => {
    expect(() =>
      schemesSchema.validateSync([{ ...own, style: { title: { rest: { family: 'no such' } } } }], {
        strict: true,
      }),
    ).toThrow(/Title: typeface/);
  });

  it('is one of a few, each once', () => {
    const many = Array.from({ length: MOST_SCHEMES + 1 }, (_, i) => ({ ...own, id: `own-${i}` }));
    expect(schemesSchema.isValidSync(many, { strict: true })).toBe(false);
    expect(schemesSchema.isValidSync(many.slice(1), { strict: true })).toBe(true);
    expect(schemesSchema.isValidSync([own, own], { strict: true })).toBe(false);
  });
});
