import { describe, expect, it } from 'vitest';
import { MOST_MENU_ITEMS, type MenuItem } from '../bays/menuItem.ts';
import { specimenBay, specimenStored, specimenTree, specimenView } from '../specimen/specimen.ts';
import { apply } from './commands.ts';
import { linkFromMenu } from './linkFromMenu.ts';
import { addPage } from './pageEdits.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';
import type { StoredBay } from '../bays/index.ts';

const withHeader = (...bays: StoredBay[]): StoredPlan => {
  const plan = specimenStored([]);
  return {
    ...plan,
    pages: { ...plan.pages, header: { id: 'header', kind: 'header', name: 'Header', bays } },
  };
};
const menu = (items?: MenuItem[]) => specimenBay('menu', { holds: 'menu', ...(items && { items }) } as never);
const drawn = (stored: StoredPlan) => {
  const view = specimenView(completePlan(stored), 3);
  const content = view.head?.bays.find(({ id }) => id === 'menu')?.content as never as {
    links: { words: string; link: string }[];
  };
  return content.links.map(({ words, link }) => [words, link]);
};

describe('a link from the menu', () => {
  const made = (stored: StoredPlan) =>
    apply(stored, addPage({ id: 'visit', name: 'Visit us', slug: 'visit' }, { bays: [], shelves: [] }));

  it('comes last, after all that was drawn before, and takes the name and the address of its page', () => {
    for (const stored of [
      withHeader(menu()),
      withHeader(menu([{ id: 'shop', words: 'Shop', link: '/shop' }])),
    ]) {
      const plan = made(stored);
      const linked = apply(plan, linkFromMenu(completePlan(plan), specimenTree, 'page:visit')!);
      expect(drawn(linked)).toEqual([...drawn(plan), ['Visit us', '/page/visit']]);
    }
  });

  it('goes to the first menu that has room, and is not offered where none has', () => {
    const full = Array.from({ length: MOST_MENU_ITEMS }, (_, i) => ({
      id: `l-${i}`,
      words: 'x',
      link: '/shop',
    }));
    const named = specimenBay('name', { holds: 'storeName' } as never);
    const other = { ...menu([]), id: 'other' };
    expect(
      linkFromMenu(completePlan(withHeader(named, menu(full), other)), specimenTree, '/shop'),
    ).toMatchObject({
      on: { page: 'header', bay: 'other' },
    });
    expect(linkFromMenu(completePlan(withHeader(named, menu(full))), specimenTree, '/shop')).toBeNull();
    expect(linkFromMenu(completePlan(withHeader(named)), specimenTree, '/shop')).toBeNull();
  });
});
