import { describe, expect, it } from 'vitest';
import { bandAt } from '../bands/bands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { plain } from '../sentence/sentence.ts';
import type { LineInput } from '../spec/line.ts';
import {
  specimenBay,
  specimenNames,
  specimenPicture,
  specimenStored,
  specimenTree,
  specimenView,
} from '../specimen/specimen.ts';
import type { About } from '../pages/pageKind.ts';
import { bayKind } from './index.ts';
import type { BannerContent } from './banner.ts';

const specimenBands = specimenStored([], []).house.bands!;
const OWN = 'a'.repeat(64);
const own = specimenPicture({ id: OWN });
const ofThing = specimenPicture({ id: 'of-thing' });
const category = { ...specimenTree.all[0]!, name: 'Bowls', description: 'For soup.', picture: ofThing };

function seen(settings: object, about: About = { category }, kind = 'category', more: object = {}) {
  const bay = specimenBay('banner', {
    holds: 'banner',
    says: 'page',
    title: 'Own title',
    words: 'Own words',
    pictureId: OWN,
    ...settings,
  } as never);
  const stored = specimenStored([], [bay]);
  const page = { ...stored.pages.home!, kind, name: 'Of a kind', ...more };
  const plan = completePlan({ ...stored, pages: { ...stored.pages, home: page } });
  expect(checkDocument('page:home', page)).toBeNull();
  const view = specimenView(plan, 0, {
    page: plan.pages.home!,
    about,
    pictures: (id) => (id === OWN ? own : undefined),
  });
  return { view, bay: plan.pages.home!.bays[0]!, content: view.bays[0]!.content as unknown as BannerContent };
}

/** All that the spec says of it. */
function said(settings: object): string {
  const { bay } = seen(settings);
  const input = { bay, names: specimenNames, view: null, of: null, shelf: null, total: null };
  return bayKind(bay.holds)
    .spec.map((line) => plain(line.say(input as unknown as LineInput)))
    .join(' / ');
}

const high = (more: object, room: Partial<BannerContent['room']> = {}) => {
  const { content } = seen({ title: '', words: '', says: 'own', look: { margin: { phone: 0 } }, ...more });
  return (px: number) =>
    bayKind('banner').heightPx(
      { ...content, room: { ...content.room, ...room } },
      {} as never,
      specimenBands,
      px,
    );
};

describe('the height of a banner', () => {
  it('is set, or goes by its width, by the screen, or by the space around its text, each at its widths', () => {
    expect(high({ height: { phone: 300 } })(1000)).toBe(300);
    const byRatio = high({ heightBy: { phone: 'height', laptop: 'ratio' }, ratio: { phone: '2:1' } });
    expect([byRatio(390), byRatio(1000)]).toEqual([320, 500]);
    expect(
      high({ heightBy: { phone: 'ratio' }, ratio: { phone: '2:1' } }, { mostPx: { phone: 700 } })(1400),
    ).toBe(350);
    const byScreen = high({ heightBy: { phone: 'screen' }, screen: { phone: 50 } });
    expect(byScreen(1280)).toBe(bandAt(specimenBands, 1280).nominal.height / 2);
    expect(high({ heightBy: { phone: 'space' }, space: { phone: 250 } })(1000)).toBe(500);
  });

  it('is never less than its text needs', () => {
    const words = 'Stoneware for the table, the sill and the garden, made by five pairs of hands. '.repeat(3);
    const low = high({ height: { phone: 80 }, title: 'Thrown slowly', words });
    expect(low(390)).toBeGreaterThan(200);
    const spaced = high({
      heightBy: { phone: 'space' },
      space: { phone: 100 },
      title: 'Thrown slowly',
      words,
    });
    const bare = high({ heightBy: { phone: 'space' }, space: { phone: 0 }, title: 'Thrown slowly', words });
    expect(spaced(1000) - bare(1000)).toBe(200);
  });

  it('is said with the widths that it holds at', () => {
    expect(said({})).toContain('320 px high');
    const both = said({ heightBy: { phone: 'space', laptop: 'ratio' }, ratio: { phone: '3:1' } });
    expect(both).toMatch(
      /as high as its text with 120 px above and below on Phone and Tablet, 3:1 wide to high from/,
    );
  });
});

describe('the picture of a banner', () => {
  it('is held where its own point of focus is, until its place is set', () => {
    const rules = (focal: { x: number; y: number }) => {
      const { content } = seen({ says: 'own' });
      return bayKind('banner').css({ ...content, picture: { ...own, focal } }, '.b', specimenBands);
    };
    expect(rules({ x: 0.7, y: 0.25 })).toContain('--at-across:70%;--at-down:25%');
    expect(rules({ x: 0.5, y: 0.5 })).not.toContain('--at-across');
  });
});

describe('a banner that says what the page is about', () => {
  it('has its name, its description and its picture, and heads the page', () => {
    const { view, content } = seen({});
    expect(content).toMatchObject({ title: 'Bowls', words: 'For soup.', picture: ofThing });
    expect(view.firstHeading).toBeNull();
    expect(view.description).toBe('For soup.');
  });

  it('leaves out what it is told to, and falls back on the picture chosen for it', () => {
    expect(seen({ described: false }).content).toMatchObject({ title: 'Bowls', words: '' });
    expect(seen({ pictured: false }).content.picture).toBe(own);
    const bare = { category: { ...category, picture: null, description: '' } };
    expect(seen({}, bare).content).toMatchObject({ title: 'Bowls', words: '', picture: own });
    expect(seen({ pictureId: null }, bare).content.picture).toBeNull();
  });

  it('does so on every kind of page that is about something', () => {
    const collection = { id: 1, slug: 'c', name: 'Gifts', description: 'Wrapped.', picture: ofThing };
    expect(seen({}, { collection }, 'collection').content).toMatchObject({
      title: 'Gifts',
      words: 'Wrapped.',
      picture: ofThing,
    });
    const entry = {
      id: 1,
      slug: 'e',
      title: 'A firing',
      summary: 'In short.',
      picture: ofThing,
      publishedAt: 0,
      author: '',
      tags: [],
      text: [],
    };
    expect(seen({}, { entry }, 'entry').content).toMatchObject({ title: 'A firing', words: 'In short.' });
    // A page of the owner's own is about what it says of itself.
    const page = { slug: 'sale', description: 'Until Sunday.' };
    expect(seen({}, {}, 'own', page).content).toMatchObject({
      title: 'Of a kind',
      words: 'Until Sunday.',
      picture: own,
    });
  });

  it('says its own words until it is told otherwise, and keeps them', () => {
    expect(seen({ says: 'own' }).content).toMatchObject({
      title: 'Own title',
      words: 'Own words',
      picture: own,
    });
    expect(said({})).toContain('What the page is about, its description below, no button');
    expect(said({ described: false, pictured: false })).toContain('without its description');
    expect(said({ says: 'own' })).toContain('"Own title", "Own words"');
  });
});
