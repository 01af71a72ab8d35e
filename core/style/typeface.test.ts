import { beforeAll, describe, expect, it, vi } from 'vitest';
import { baselineOf, linesOf, widthOf } from '../card/text.ts';
import { firstBands } from '../plan/firstBands.ts';
import { apply, type Command } from '../plan/commands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import type { Target } from '../plan/target.ts';
import { specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { fetchFaces } from '../text/faces.ts';
import { typeFamilies, typeFamily } from '../text/families/index.ts';
import { familyCss } from '../text/standIns.ts';
import { styleElement } from './elements/index.ts';
import { figuresAt } from './figures.ts';
import { resolve } from './resolve.ts';
import { styleCss } from './styleCss.ts';
import { usedFamilies } from './usedFamilies.ts';

const start = specimenStored([specimenShelf('a')]);
const HOUSE = { house: true } as const;
const SHELF = { shelf: 'a' } as const;

type Set = readonly [on: Target, setting: string, value: unknown];

/** Styles of the shelf and of the house after some are set. */
function styled(...sets: Set[]) {
  const plan = completePlan(
    sets
      .map(([on, setting, value]): Command => ({ do: 'set', on, setting: `style.${setting}`, value }))
      .reduce(apply, start),
  );
  return { own: plan.shelves.a!.style, house: plan.house.style };
}
const familyOf = (element: string, ...sets: Set[]) => {
  const { own, house } = styled(...sets);
  return resolve([own, house], styleElement(element), 'family', 'rest', firstBands, 'phone');
};
const figures = (...sets: Set[]) => {
  const { own, house } = styled(...sets);
  return figuresAt(own, house, firstBands, 'phone');
};

describe('before the widths of a face are here', () => {
  it('the first stands in for them, and what is measured says so, and is measured again', async () => {
    // As in a program that has only begun.
    vi.resetModules();
    const { faceOf, facesHeld, isFaceHere, whenFaceComes, FIRST_FACE } = await import('../text/faces.ts');
    const fresh = await import('./figures.ts');
    const text = await import('../card/text.ts');
    const { own, house } = styled([HOUSE, 'title.rest.family', 'oswald']);
    const title = () => fresh.figuresAt(own, house, firstBands, 'phone').title!;
    expect(facesHeld()).toBe(0);
    expect(isFaceHere(FIRST_FACE)).toBe(true);
    const before = title();
    const wide = text.widthOf('Large serving plate', before);
    expect(before).toMatchObject({ face: 'oswald upright', waits: true });
    expect(faceOf('oswald upright')).toBe(faceOf(FIRST_FACE));
    await new Promise<void>((come) => {
      const end = whenFaceComes(() => {
        end();
        come();
      });
    });
    expect(facesHeld()).toBe(1);
    const after = title();
    expect(after.face).toBe('oswald upright');
    expect(after.waits).toBeUndefined();
    expect(text.widthOf('Large serving plate', after)).toBeLessThan(wide);
  });
});

describe('the typeface of an element', () => {
  beforeAll(() => fetchFaces());

  it('is that of what it stands in where its own is not set: of the card, and in the end of the page', () => {
    expect(familyOf('title')).toEqual({ value: 'literata', from: null });
    expect(familyOf('title', [HOUSE, 'page.rest.family', 'nunito'])).toEqual({
      value: 'nunito',
      from: { level: 1, element: 'page', state: 'rest' },
    });
    expect(
      familyOf('title', [HOUSE, 'page.rest.family', 'nunito'], [SHELF, 'card.rest.family', 'bitter']).value,
    ).toBe('bitter');
    // As style sheets have it: what is said of it itself comes before what is said of what it stands in.
    expect(
      familyOf('title', [HOUSE, 'title.rest.family', 'oswald'], [SHELF, 'card.rest.family', 'bitter']).value,
    ).toBe('oswald');
    expect(familyOf('heading', [HOUSE, 'card.rest.family', 'bitter']).value).toBe('literata');
  });

  it('of a button is that of all buttons before that of its card', () => {
    const card: Set = [SHELF, 'card.rest.family', 'bitter'];
    expect(familyOf('basket', card).value).toBe('bitter');
    expect(familyOf('basket', card, [HOUSE, 'button.rest.family', 'oswald']).value).toBe('oswald');
  });

  it('is what its text is measured by, in its slope', () => {
    const nunito = figures([HOUSE, 'page.rest.family', 'nunito']);
    expect(nunito.title!.face).toBe('nunito upright');
    expect(nunito.price!.face).toBe('nunito upright');
    const words = 'Hand-thrown stoneware plate for the table';
    const widths = typeFamilies.map(({ id }) =>
      widthOf(
        words,
        figures([HOUSE, 'title.rest.family', id]).title ?? { fontPx: 16, linePx: 22, weight: 560 },
      ),
    );
    expect(new Set(widths.map(Math.round)).size).toBeGreaterThan(typeFamilies.length / 2);
    const italic = figures([HOUSE, 'title.rest.family', 'fraunces'], [HOUSE, 'title.rest.slope', 'italic']);
    expect(italic.title!.face).toBe('fraunces italic');
    expect(widthOf(words, italic.title!)).not.toBe(
      widthOf(words, figures([HOUSE, 'title.rest.family', 'fraunces']).title!),
    );
    // A family without italics is slanted, and as wide as it stands upright.
    expect(
      figures([HOUSE, 'title.rest.family', 'oswald'], [HOUSE, 'title.rest.slope', 'italic']).title!.face,
    ).toBe('oswald upright');
  });

  it('changes how many lines there are, and where their baseline is', () => {
    const [mono, narrow] = ['spline-sans-mono', 'oswald'].map(
      (id) => figures([HOUSE, 'title.rest.family', id]).title!,
    );
    const words = 'Large serving plate, speckled, for eight';
    expect(linesOf(words, mono!, 180)).toBeGreaterThan(linesOf(words, narrow!, 180));
    expect(baselineOf(narrow!)).not.toBe(baselineOf(mono!));
  });

  it('is none of its own where all is as at first', () => {
    expect(figures([HOUSE, 'title.rest.weight', 700]).title!.face).toBeUndefined();
    expect(figures([HOUSE, 'page.rest.family', 'literata']).title!.face).toBeUndefined();
  });

  it('is written with what stands in for it', () => {
    const css = styleCss(styled([HOUSE, 'page.rest.family', 'nunito']).house, 'h', '', firstBands);
    expect(css).toBe(`@layer h00{.region{font-family:${familyCss(typeFamily('nunito'))}!important}}`);
    for (const family of typeFamilies)
      expect(familyCss(family)).toMatch(/^"[^"]+",("[^"]+ stand-in \d",)+(serif|sans-serif|monospace)$/);
  });
});

describe('the families that a page uses', () => {
  const used = (...sets: Set[]) => {
    const { own, house } = styled(...sets);
    const { families, slopes } = usedFamilies(house, [own]);
    return { ids: families.map(({ id }) => id), slopes };
  };

  it('are the first, or that of all text instead of it, and each that something is set in', () => {
    expect(used()).toEqual({ ids: ['literata'], slopes: ['upright'] });
    expect(used([HOUSE, 'page.rest.family', 'nunito']).ids).toEqual(['nunito']);
    expect(used([HOUSE, 'page.rest.family', 'nunito'], [SHELF, 'title.rest.family', 'bitter']).ids).toEqual([
      'nunito',
      'bitter',
    ]);
    expect(used([HOUSE, 'title.rest.family', 'bitter'], [SHELF, 'price.rest.family', 'bitter']).ids).toEqual([
      'literata',
      'bitter',
    ]);
  });

  it('have italics where something is set in italics', () => {
    expect(used([HOUSE, 'title.rest.slope', 'upright']).slopes).toEqual(['upright']);
    expect(used([SHELF, 'title.rest.slope', 'italic']).slopes).toEqual(['upright', 'italic']);
  });
});
