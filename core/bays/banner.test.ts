import { describe, expect, it } from 'vitest';
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
      body: '',
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
    const said = (settings: object) => {
      const { bay } = seen(settings);
      const input = { bay, names: specimenNames, view: null, of: null, shelf: null, total: null };
      return bayKind(bay.holds)
        .spec.map((line) => plain(line.say(input as unknown as LineInput)))
        .join(' / ');
    };
    expect(said({})).toContain('What the page is about, its description below, no button');
    expect(said({ described: false, pictured: false })).toContain('without its description');
    expect(said({ says: 'own' })).toContain('"Own title", "Own words"');
  });
});
