import { describe, expect, it } from 'vitest';
import { saidParts } from '../../plan/saidParts.ts';
import { neededFacts } from '../needs.ts';
import type { StoredShelf } from '../../plan/shelf.ts';
import { specimenPicture, specimenPlan, specimenShelf } from '../../specimen/specimen.ts';
import { specimenSaid as said } from '../../specimen/said.ts';
import { partKind } from './index.ts';

describe('the picture', () => {
  const pictures = ['a', 'b', 'c'].map((id) => specimenPicture({ id }));
  const kind = partKind('picture')!;
  const css = (own: object) => {
    const card = { parts: { picture: own } } as NonNullable<StoredShelf['card']>;
    const settings = specimenPlan([specimenShelf('s', { card })]).shelves.s!.card.parts.picture;
    return kind.css!('[s]', settings);
  };

  it('stands on one background, which the white of it lets through where that is wanted', () => {
    expect(css({})).not.toMatch(/--card|multiply/);
    const own = css({ behind: '#dde3da', through: true });
    expect(own).toContain('[s] .part-picture{--card:#dde3da}');
    expect(own).toContain('mix-blend-mode:multiply');
    expect(css({ behind: '#dde3da' })).not.toContain('multiply');
  });

  it('has several to flick through where that is wanted and there are, read only then, in the place of a second one', () => {
    const flicked = said('picture', { pictures }, { several: 2, second: true })!;
    expect(flicked).toMatchObject({ picture: pictures[0], more: [pictures[1]], second: null, framed: true });
    expect(kind.laterPictures!(flicked)).toEqual([pictures[1]]);
    expect(kind.scripted!(flicked)).toBe(true);
    expect(said('picture', { pictures }, { several: 6 })).toMatchObject({ more: pictures.slice(1) });
    const alone = said('picture', { pictures: pictures.slice(0, 1) }, { several: 6 })!;
    expect(alone).toMatchObject({ more: [] });
    expect(kind.scripted!(alone)).toBe(false);
    const needs = (several: number) => {
      const shelf = specimenShelf('s', { card: { parts: { picture: { several } } } });
      const made = specimenPlan([shelf]).shelves.s!;
      return neededFacts(made.card, saidParts(made), {
        labels: { list: [], most: 3 },
        groups: [],
      });
    };
    expect([1, 2, 3].map((several) => needs(several).includes('pictures'))).toEqual([false, false, true]);
  });

  it('has a second one where that is wanted and there is one, and else nothing is added to it', () => {
    expect(said('picture', { pictures })).toMatchObject({ second: null, framed: false });
    const both = said('picture', { pictures }, { second: true })!;
    expect(both).toMatchObject({ second: pictures[1], framed: true });
    expect(kind.laterPictures!(both)).toEqual([pictures[1]]);
    const alone = said('picture', { pictures: pictures.slice(0, 1) }, { second: true })!;
    expect(alone).toMatchObject({ second: null });
    expect(kind.laterPictures!(alone)).toEqual([]);
    for (const own of [{ shape: 'round' }, { hover: 'zoom' }] as const)
      expect(said('picture', { pictures }, own)).toMatchObject({ framed: true });
  });

  it('writes of its shape only what differs from all others', () => {
    expect(css({})).toBe('[s]{--fit:cover}');
    expect(css({ corners: 0 })).toBe('[s]{--fit:cover}[s] .part-picture{border-radius:0px}');
    expect(css({ shape: 'round', corners: 20 })).toContain('.frame{border-radius:50%}');
    expect(css({ shape: 'round', corners: 20 })).not.toContain('20px');
  });

  it('does on hover what is set, as much as is set, and stands still for who wants less motion', () => {
    expect(css({ hover: 'zoom', strength: 12 })).toContain(
      '@media (hover:hover) and (prefers-reduced-motion:no-preference){[s] .card:hover .frame img,[s] .card:focus-within .frame img{transform:scale(1.12)}}',
    );
    expect(css({ hover: 'dims', strength: 20 })).toContain('@media (hover:hover){[s] .card:hover .frame img');
    expect(css({ hover: 'dims', strength: 20 })).toContain('brightness(0.8)');
    expect(css({ hover: 'lightens', strength: 20 })).toContain('brightness(1.2)');
  });
});
