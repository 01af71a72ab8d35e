// @vitest-environment jsdom
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { subjectOf } from '../../../core/plan/target.ts';
import { specimenStored, specimenView } from '../../../core/specimen/specimen.ts';
import type { StoredPlan } from '../../../core/plan/storedPlan.ts';
import { aboutOf } from '../../arrange/spec/about.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { useDraft } from '../../studioContext.tsx';
import { SameBay } from './SameBay.tsx';

afterEach(cleanup);

const stored: StoredPlan = {
  ...specimenStored([]),
  pages: {
    home: { id: 'home', kind: 'home', name: 'Home', bays: [{ id: 'top', holds: 'banner', title: 'Here' }] },
    shop: {
      id: 'shop',
      kind: 'shop',
      name: 'Shop',
      bays: [{ id: 'head', holds: 'banner', title: 'Fired by hand', button: 'Browse' }],
    },
    search: { id: 'search', kind: 'search', name: 'Search', bays: [{ id: 'found', holds: 'words' }] },
  },
};

const [top] = stored.pages.home!.bays;
/** The bay of Home has words and look from that of the shop. */
const following = {
  ...stored,
  pages: {
    ...stored.pages,
    home: { ...stored.pages.home!, bays: [{ ...top!, sameAs: { page: 'shop', bay: 'head' } }] },
  },
} as StoredPlan;

function Drawn({ pageId, bayId }: { pageId: string; bayId: string }) {
  const plan = useDraft((state) => state.plan);
  const draft = useDraft((state) => state.draft);
  const setting = subjectOf(draft, { page: pageId, bay: bayId })!.settings.find(({ id }) => id === 'sameAs')!;
  return <SameBay page={{ ...specimenView(plan), pageId }} bayId={bayId} setting={setting} />;
}

const drawn = (pageId: string, bayId: string, of: StoredPlan = stored) =>
  inStudio(<Drawn pageId={pageId} bayId={bayId} />, { stored: of });
const choose = async (name: string) => {
  fireEvent.click(await screen.findByRole('button', { name: /Words and look/ }));
  fireEvent.click(within(await screen.findByRole('listbox')).getByRole('option', { name }));
};
const bay = ({ draft }: InStudio) => draft.getState().draft.pages.home!.bays[0];

describe('the words and the look of a bay', () => {
  it('are taken from one of another page, and are its own again as they then are; each is one step back', async () => {
    const studio = drawn('home', 'top');
    await choose('As "Shop: Fired by hand"');
    expect(bay(studio)).toMatchObject({ title: 'Here', sameAs: { page: 'shop', bay: 'head' } });
    const { plan } = studio.draft.getState();
    expect(plan.pages.home!.bays[0]).toMatchObject({ title: 'Fired by hand', button: 'Browse' });
    screen.getByText('What is changed here is changed there too.');
    fireEvent.click(screen.getByRole('button', { name: /As "Shop: Fired by hand"/ }));
    fireEvent.click(within(await screen.findByRole('listbox')).getByRole('option', { name: 'Its own' }));
    expect(bay(studio)).toEqual({ id: 'top', holds: 'banner', title: 'Fired by hand', button: 'Browse' });
    studio.draft.undo();
    expect(bay(studio)).toMatchObject({ sameAs: { page: 'shop', bay: 'head' } });
    studio.draft.undo();
    expect(bay(studio)).toEqual(stored.pages.home!.bays[0]);
  });

  it('say where else they are, and offer nothing where no other page has such a bay', () => {
    drawn('shop', 'head', following);
    screen.getByText('Also for "Home: Fired by hand".');
    expect(screen.queryByRole('button')).toBeNull();
    cleanup();
    drawn('search', 'found');
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('are set where they are from; where and when the bay is shown is set of itself', () => {
    const { draft } = drawn('shop', 'head', following);
    const { plan } = draft.getState();
    const home = plan.pages.home!;
    const [own, given] = aboutOf(following, plan, home, home.bays[0]!, null);
    expect(own!.on).toEqual({ page: 'home', bay: 'top' });
    expect(own!.subject.settings.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['sameAs', 'hidden', 'from', 'until', 'bands', 'anchor']),
    );
    expect(given!.on).toEqual({ page: 'shop', bay: 'head' });
    const there = given!.subject.settings.map(({ id }) => id);
    expect(there).toEqual(expect.arrayContaining(['title', 'button', 'look.width']));
    expect(there.filter((id) => own!.subject.settings.some((one) => one.id === id))).toEqual([]);
    // All that can be set of a banner is set in one of the two places.
    const all = subjectOf(stored, { page: 'home', bay: 'top' })!.settings;
    expect(there.length + own!.subject.settings.length).toBe(all.length);
  });
});
