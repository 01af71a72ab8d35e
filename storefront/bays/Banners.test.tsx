// @vitest-environment jsdom
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { specimenBay, specimenPicture, specimenStored, specimenView } from '../../core/specimen/specimen.ts';
import { Page } from '../Page.tsx';

const PICTURE = 'a'.repeat(64);

/** The bay as it is drawn on its page. */
function drawn(banners: readonly object[], moving: object = {}): HTMLElement {
  const bay = specimenBay('b', { holds: 'banners', banners, moving } as never);
  const view = specimenView(completePlan(specimenStored([], [bay])), 0, {
    pictures: (id) => (id === PICTURE ? specimenPicture({ id, alt: 'Three pots on a sill' }) : undefined),
  });
  document.body.innerHTML = renderToStaticMarkup(<Page view={view} />);
  return document.querySelector<HTMLElement>('.banners')!;
}

const pictured = { id: 'p', pictureId: PICTURE };
const titled = { id: 't', title: 'Out of the kiln' };

describe('banners by turns', () => {
  it('are one group that is named by the first that says anything, or by what its picture shows', () => {
    const nameOf = (banners: object[]) => drawn(banners).getAttribute('aria-label');
    expect(nameOf([titled, pictured])).toBe('Out of the kiln');
    expect(nameOf([{ id: 'w', words: 'Since Saturday' }, titled])).toBe('Since Saturday');
    expect(nameOf([pictured, { ...pictured, id: 'q' }])).toBe('Three pots on a sill');
    const bay = drawn([pictured, { ...pictured, id: 'q' }], { arrows: { phone: true }, play: true });
    for (const button of bay.querySelectorAll('button'))
      expect(button.getAttribute('aria-label')).toMatch(
        /\S of Three pots on a sill$|^Pause Three pots on a sill$/,
      );
  });

  it('have one first heading, and fetch the picture of the first at once', () => {
    const bay = drawn([
      { ...titled, pictureId: PICTURE },
      { ...titled, id: 'u', pictureId: PICTURE },
    ]);
    expect([...bay.querySelectorAll('h1,h2')].map(({ tagName }) => tagName)).toEqual(['H1', 'H2']);
    expect(document.querySelectorAll('h1')).toHaveLength(1);
    expect([...bay.querySelectorAll('img')].map((one) => one.getAttribute('loading'))).toEqual([
      null,
      'lazy',
    ]);
  });

  it('are a banner that stands still where there is one, without anything to move it by', () => {
    const bay = drawn([titled], { arrows: { phone: true }, marks: { phone: 'dots' }, play: true });
    expect(bay.hasAttribute('role')).toBe(false);
    expect(bay.hasAttribute('data-moving')).toBe(false);
    expect(bay.querySelectorAll('button, .marks')).toHaveLength(0);
  });

  it('have arrows, marks and a button to pause only where some width has them', () => {
    const has = (moving: object) => {
      const bay = drawn([titled, { ...titled, id: 'u' }], moving);
      return ['.arrow', '.marks', '.pause'].map((one) => bay.querySelectorAll(one).length);
    };
    expect(has({ arrows: { phone: false }, marks: { phone: 'none' } })).toEqual([0, 0, 0]);
    expect(has({ arrows: { phone: false, laptop: true }, marks: { phone: 'none', tablet: 'bar' } })).toEqual([
      2, 1, 0,
    ]);
    expect(has({ arrows: { phone: false }, marks: { phone: 'none' }, play: true })).toEqual([0, 0, 1]);
  });
});
