// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { readPath } from '../../core/settings/path.ts';
import { specimenBay, specimenShelf, specimenStored, specimenView } from '../../core/specimen/specimen.ts';
import { shelvesOn } from '../../core/view/shelvesIn.ts';
import type { StoredShelf } from '../../core/plan/shelf.ts';
import { inStudio, type InStudio } from '../specimen/inStudio.tsx';
import { useDraft } from '../studioContext.tsx';
import { OwnStyle } from './OwnStyle.tsx';

afterEach(cleanup);

const on = { shelf: 's' } as const;

/** What the control does not read: it sets many settings. */
const unread = { setting: undefined as never, value: undefined as never, at: [] };

function Shelf({ wanted = null }: { wanted?: string | null }) {
  const plan = useDraft((state) => state.plan);
  const page = specimenView(plan, 12);
  return (
    <OwnStyle
      on={on}
      {...unread}
      shelf={plan.shelves.s!}
      view={shelvesOn(page)[0]!.shelf}
      page={page}
      bayId="s"
      wanted={wanted}
    />
  );
}

const stored = (more: Partial<StoredShelf> = {}) =>
  specimenStored([specimenShelf('s', more)], [specimenBay('s')]);
const ofShelf = ({ draft }: InStudio) => draft.getState().draft.shelves.s!.style as object | undefined;
const ofHouse = ({ draft }: InStudio) => draft.getState().draft.house.style as object | undefined;
const editor = (name: string) => screen.getByRole('region', { name: `Look of ${name}` });
const press = (name: string | RegExp, within_: HTMLElement = document.body) =>
  fireEvent.click(within(within_).getByRole('button', { name }));

describe('the elements of a shelf', () => {
  it('are those that it draws; more come with what its cards show', () => {
    const studio = inStudio(<Shelf />, { stored: stored() });
    const names = () =>
      within(screen.getByRole('group', { name: 'Elements of the shelf' }))
        .getAllByRole('button')
        .map((one) => one.textContent);
    expect(names()).toEqual([
      'Card',
      'Text of cards, all together',
      'Picture',
      'Overlay of pictures',
      'Title',
      'Price',
      'Reduced price',
      'Previous price',
      'Labels',
    ]);
    act(() =>
      studio.draft.run({
        do: 'set',
        on,
        setting: 'card.parts.basket.shown',
        value: { phone: true },
      }),
    );
    expect(names()).toContain('Basket button');
    expect(names()).toContain('All buttons on cards');
    expect(names()).not.toContain('Arrows');
  });

  it('are set, counted, and reset one by one and all together', () => {
    const studio = inStudio(<Shelf wanted="style.title.rest.weight" />, { stored: stored() });
    const weight = within(editor('Title')).getByRole('textbox', { name: 'Weight' });
    act(() => weight.focus());
    fireEvent.change(weight, { target: { value: '550' } });
    act(() => weight.blur());
    expect(ofShelf(studio)).toEqual({ title: { rest: { weight: 550 } } });
    expect(editor('Title').textContent).toContain('1 set here');
    expect(screen.getByText('1 set here; all else is as the house.')).toBeTruthy();
    press('Title •');
    expect(screen.queryByRole('region', { name: 'Look of Title' })).toBeNull();
    press('Reset all');
    expect(ofShelf(studio)).toBeUndefined();
    expect(screen.getByText('All is as the house.')).toBeTruthy();
    act(() => studio.draft.undo());
    expect(ofShelf(studio)).toEqual({ title: { rest: { weight: 550 } } });
    press('Title •');
    press('Reset Title');
    expect(ofShelf(studio)).toBeUndefined();
  });

  it('become the whole store’s by one press, and are the shelf’s again by one step back', () => {
    const style = { title: { rest: { size: { laptop: 24 } } } };
    const studio = inStudio(<Shelf />, { stored: stored({ style }) });
    press('Use in the whole store');
    expect(ofShelf(studio)).toBeUndefined();
    expect(ofHouse(studio)).toEqual(style);
    act(() => studio.draft.undo());
    expect(ofShelf(studio)).toEqual(style);
    expect(ofHouse(studio)).toBeUndefined();
  });

  it('say where a value comes from that is not set here', () => {
    const plan = stored({ style: { basket: { rest: { corners: { phone: 9 } } } } });
    inStudio(<Shelf wanted="style.basket.hover.corners" />, {
      stored: {
        ...plan,
        house: { ...plan.house, style: { button: { rest: { background: '#123456' } } } },
      },
    });
    const look = editor('Basket button');
    expect(look.textContent).toContain('house style, as all buttons on cards');
    fireEvent.click(within(look).getByRole('radio', { name: 'Hover' }));
    expect(editor('Basket button').textContent).toContain('as at rest');
  });
});

describe('the elements of a page', () => {
  const page = { page: 'home' } as const;
  function OfPage() {
    const plan = useDraft((state) => state.plan);
    return (
      <OwnStyle
        on={page}
        {...unread}
        shelf={null}
        view={null}
        page={specimenView(plan, 12)}
        bayId=""
        wanted={null}
      />
    );
  }
  const ofPage = ({ draft }: InStudio) => draft.getState().draft.pages.home!.style as object | undefined;
  const setWeight = (name: string, weight: string) => {
    const field = within(editor(name)).getByRole('textbox', { name: 'Weight' });
    act(() => field.focus());
    fireEvent.change(field, { target: { value: weight } });
    act(() => field.blur());
  };

  it('are those that it draws, in their groups, and set for it alone', () => {
    const studio = inStudio(<OfPage />, { stored: stored() });
    const texts = screen.getByRole('group', { name: 'Elements of the page: text of cards' });
    expect(within(texts).getByRole('button', { name: 'Title' })).toBeTruthy();
    const pages = screen.getByRole('group', { name: 'Elements of the page: pages' });
    expect(within(pages).getAllByRole('button').length).toBeGreaterThan(3);
    expect(screen.queryByRole('button', { name: 'Basket button' })).toBeNull();
    press('Title');
    setWeight('Title', '550');
    expect(ofPage(studio)).toEqual({ title: { rest: { weight: 550 } } });
    expect(ofHouse(studio)).toBeUndefined();
    expect(screen.getByText('1 set here; all else is as the house.')).toBeTruthy();
    press('Reset all');
    expect(ofPage(studio)).toBeUndefined();
  });

  it('say what is the house’s, and become the house’s by one press', () => {
    const plan = stored();
    const studio = inStudio(<OfPage />, {
      stored: {
        ...plan,
        house: { ...plan.house, style: { title: { rest: { weight: 300, italic: true } } } },
      },
    });
    press('Title');
    const said = () => editor('Title').textContent.split('house style').length - 1;
    const before = said();
    expect(before).toBeGreaterThan(0);
    setWeight('Title', '550');
    expect(said()).toBe(before - 1);
    press('Use in the whole store');
    expect(ofPage(studio)).toBeUndefined();
    expect(readPath(ofHouse(studio), 'title.rest.weight')).toBe(550);
  });

  it('are what a shelf on it says that it follows', () => {
    const plan = stored();
    const home = { ...plan.pages.home!, style: { title: { rest: { weight: 550 } } } as never };
    inStudio(<Shelf wanted="style.title.rest.weight" />, {
      stored: { ...plan, pages: { ...plan.pages, home } },
    });
    const weight = within(editor('Title')).getByRole<HTMLInputElement>('textbox', { name: 'Weight' });
    expect(weight.value).toBe('550');
    expect(editor('Title').textContent).toContain('style of the page');
    expect(screen.getByText('All is as the page.')).toBeTruthy();
    // What the page has would come over it in the house.
    setWeight('Title', '700');
    expect(screen.queryByRole('button', { name: 'Use in the whole store' })).toBeNull();
  });
});
