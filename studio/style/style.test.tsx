// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { useState } from 'react';
import type { Tried } from './tried.ts';
import { readPath } from '../../core/settings/path.ts';
import { specimenBay, specimenShelf, specimenStored, specimenView } from '../../core/specimen/specimen.ts';
import { elements, styleElement } from '../../core/style/elements/index.ts';
import { takenIn } from '../../core/style/styleTree.ts';
import { shelvesOn } from '../../core/view/shelvesIn.ts';
import type { StoredShelf } from '../../core/plan/shelf.ts';
import { inStudio, type InStudio } from '../specimen/inStudio.tsx';
import { useDraft } from '../studioContext.tsx';
import { ElementEditor, useStateOf } from './ElementEditor.tsx';
import { Tokens } from './Tokens.tsx';
import { Schemes } from './Schemes.tsx';
import { HouseColours } from './HouseColours.tsx';
import { OwnStyle } from './OwnStyle.tsx';

afterEach(cleanup);

const on = { shelf: 's' } as const;

function Shelf({ wanted = null }: { wanted?: string | null }) {
  const plan = useDraft((state) => state.plan);
  const page = specimenView(plan, 12);
  return (
    <OwnStyle
      on={on}
      setting={undefined as never}
      value={undefined as never}
      at={[]}
      shelf={plan.shelves.s!}
      view={shelvesOn(page)[0]!.shelf}
      page={page}
      bayId="s"
      wanted={wanted}
    />
  );
}

function House({ id }: { id: string }) {
  const house = useDraft(({ plan }) => plan.house);
  const element = styleElement(id);
  const [state, setState] = useStateOf(element);
  return (
    <ElementEditor
      on={{ house: true }}
      element={element}
      levels={[house.style]}
      behind={null}
      state={state}
      onState={setState}
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
        setting={undefined as never}
        value={undefined as never}
        at={[]}
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
    // What the page has would come over it in the house.
    setWeight('Title', '700');
    expect(screen.queryByRole('button', { name: 'Use in the whole store' })).toBeNull();
  });
});

describe('one element', () => {
  it.each(elements.map(({ id }) => id))(
    '%s has a control for all that it takes, in each of its states',
    (id) => {
      inStudio(<House id={id} />, { stored: stored() });
      const element = styleElement(id);
      const shown = () =>
        new Set(
          [...document.querySelectorAll('[data-setting]')].map((one) => one.getAttribute('data-setting')),
        );
      for (const state of element.states) {
        if (element.states.length > 1) {
          const radios = within(editor(element.name)).getAllByRole('radio');
          fireEvent.click(radios[element.states.indexOf(state)]!);
        }
        for (const property of takenIn(element, state))
          expect(shown()).toContain(`style.${id}.${state}.${property}`);
      }
    },
  );

  it('says how its text stands out, and offers the nearest colour that does where it does not', async () => {
    const plan = stored();
    const studio = inStudio(<House id="price" />, {
      stored: {
        ...plan,
        house: { ...plan.house, style: { price: { rest: { textColour: '#bbbbbb' } } } },
      },
    });
    const said = within(editor('Price')).getByRole('status');
    expect(said.textContent).toContain('1.9:1 on #ffffff, needs 4.5:1');
    press(/^Use #/, editor('Price'));
    const now = readPath(ofHouse(studio), 'price.rest.textColour') as string;
    expect(now).toMatch(/^#[\da-f]{6}$/);
    await waitFor(() =>
      expect(within(editor('Price')).getByRole('status').textContent).toMatch(/^4\.[5-9]:1/),
    );
    expect(within(editor('Price')).queryByRole('button', { name: /^Use #/ })).toBeNull();
  });

  it('shows in the picker which colours stand out, of the store and of all', async () => {
    inStudio(<House id="title" />, { stored: stored() });
    const open = async (name: RegExp) =>
      fireEvent.click(await within(editor('Title')).findByRole('button', { name }));
    await open(/^Text colour:/);
    const ground = await screen.findByRole('button', { name: /^Page background/ });
    expect(ground.textContent).toContain('1.0:1');
    expect(ground.querySelector('small')!.hasAttribute('data-low')).toBe(true);
    const text = screen.getByRole('button', { name: /^Text\s*\d/ });
    expect(text.querySelector('small')!.hasAttribute('data-low')).toBe(false);
    expect((await screen.findByText(/^Hatched:/)).textContent).toBe(
      'Hatched: less than 4.5:1 against #ffffff',
    );
    expect(document.querySelector('[data-failing=true] path')!.getAttribute('d')).toMatch(/^M0 0h1v1h-1z/);
  });

  it('begins what nothing is known of with one press', () => {
    const studio = inStudio(<House id="heading" />, { stored: stored() });
    press('Set Text size', editor('Heading'));
    expect(ofHouse(studio)).toEqual({ heading: { rest: { size: { phone: 24 } } } });
  });

  it('says of what changes nothing why, until it does', () => {
    inStudio(<House id="card" />, { stored: stored() });
    const note = () => within(editor('Card')).queryAllByText('Has no effect now: There is no border.');
    expect(note()).toHaveLength(2);
    fireEvent.change(screen.getByRole('textbox', { name: 'Border width, px' }), { target: { value: '2' } });
    fireEvent.blur(screen.getByRole('textbox', { name: 'Border width, px' }));
    expect(note()).toHaveLength(0);
  });

  it('takes a colour of the store by its name, which it follows, or any other', async () => {
    const studio = inStudio(<House id="title" />, { stored: stored() });
    const colour = await within(editor('Title')).findByRole('button', { name: 'Text colour: Text' });
    fireEvent.click(colour);
    fireEvent.click(await screen.findByRole('button', { name: /^Accent/ }));
    expect(ofHouse(studio)).toEqual({ title: { rest: { textColour: 'accent' } } });
    fireEvent.change(await screen.findByLabelText('Code'), { target: { value: '#7A2F5D' } });
    fireEvent.blur(screen.getByLabelText('Code'));
    await waitFor(() => expect(ofHouse(studio)).toEqual({ title: { rest: { textColour: '#7a2f5d' } } }));
  });
});

describe('the typeface of an element', () => {
  it('is picked among samples, says which letters it has, and is measured by', async () => {
    const studio = inStudio(<House id="title" />, { stored: stored() });
    expect(editor('Title').textContent).toContain('Letters: Latin; Latin, extended; Vietnamese');
    fireEvent.click(within(editor('Title')).getByRole('button', { name: /Serif for reading/ }));
    const list = await screen.findByRole('listbox');
    // Found and pressed in one turn: the list may be drawn anew between two.
    const oswald = within(list).getByRole('option', { name: /^Oswald/ });
    expect(oswald.style.fontFamily).toBe('"Oswald", "Oswald stand-in 1", "Oswald stand-in 2", sans-serif');
    fireEvent.click(oswald);
    await waitFor(() => expect(ofHouse(studio)).toEqual({ title: { rest: { family: 'oswald' } } }));
    expect(document.head.textContent + document.body.textContent).toContain(
      '@font-face{font-family:"Oswald"',
    );
  });
});

function AllSchemes() {
  const [tried, setTried] = useState<Tried | null>(null);
  return (
    <>
      <p data-testid="tried">{tried?.name ?? 'none'}</p>
      <Schemes tried={tried} onTry={setTried} />
    </>
  );
}

describe('schemes', () => {
  const tried = () => screen.getByTestId('tried').textContent;
  const keep = (name: string) => {
    fireEvent.change(screen.getByLabelText('Name'), { target: { value: name } });
    press('Keep as a scheme');
  };

  it('are tried before anything is changed, and taken in one step', async () => {
    const plan = stored();
    const studio = inStudio(<AllSchemes />, {
      stored: { ...plan, house: { ...plan.house, style: { price: { rest: { weight: 700 } } } } },
    });
    const before = studio.draft.getState().draft.house;
    fireEvent.click(screen.getByRole('radio', { name: 'Meadow' }));
    expect(tried()).toBe('Meadow');
    expect(studio.draft.getState().draft.house).toBe(before);
    press('Back to the look of the store');
    expect(tried()).toBe('none');
    fireEvent.click(screen.getByRole('radio', { name: 'Notebook' }));
    press('Use Notebook');
    expect(tried()).toBe('none');
    const { house } = studio.draft.getState().draft;
    expect(house.colours?.ground).toBe('#fdfaf3');
    expect(readPath(house, 'style.heading.rest.family')).toBe('caveat');
    expect(readPath(house, 'style.price')).toBeUndefined();
    act(() => studio.draft.undo());
    expect(studio.draft.getState().draft.house).toEqual(before);
  });

  it('of an owner are the look of the store as it is, to go back to, until they are removed', () => {
    const plan = stored();
    const studio = inStudio(<AllSchemes />, {
      stored: { ...plan, house: { ...plan.house, style: { price: { rest: { weight: 700 } } } } },
    });
    const button = screen.getByRole('button', { name: 'Keep as a scheme' });
    expect(button.hasAttribute('disabled')).toBe(true);
    keep('  Spring ');
    keep('Summer');
    const kept = () => studio.draft.getState().draft.house.schemes ?? [];
    expect(kept().map(({ id, name }) => [id, name])).toEqual([
      ['own-1', 'Spring'],
      ['own-2', 'Summer'],
    ]);
    fireEvent.click(screen.getByRole('radio', { name: 'Workshop' }));
    press('Use Workshop');
    expect(ofHouse(studio)).not.toEqual({ price: { rest: { weight: 700 } } });
    fireEvent.click(screen.getByRole('radio', { name: 'Spring' }));
    press('Use Spring');
    expect(ofHouse(studio)).toEqual({ price: { rest: { weight: 700 } } });
    fireEvent.click(screen.getByRole('radio', { name: 'Spring' }));
    press('Remove Spring');
    expect(kept().map(({ name }) => name)).toEqual(['Summer']);
    // Its id is free again, and that of another is not taken.
    keep('Autumn');
    expect(new Set(kept().map(({ id }) => id)).size).toBe(2);
  });
});

function AllTokens() {
  const [tried, setTried] = useState<Tried | null>(null);
  return (
    <>
      <p data-testid="tried">{tried?.name ?? 'none'}</p>
      <Tokens tried={tried} onTry={setTried} />
    </>
  );
}

describe('design tokens', () => {
  const importFile = (name: string, text: string) => {
    const input = document.querySelector<HTMLInputElement>('input[type=file]')!;
    fireEvent.change(input, { target: { files: [new File([text], name)] } });
  };
  const tried = () => screen.getByTestId('tried').textContent;

  it('of others are seen first, with what was not understood, and used in one step', async () => {
    const studio = inStudio(<AllTokens />, { stored: stored() });
    const before = studio.draft.getState().draft.house;
    importFile(
      'brand.tokens.json',
      JSON.stringify({ $type: 'color', primary: { $value: '#7a2f5d' }, tertiary: { $value: '#ffffff' } }),
    );
    await waitFor(() => expect(tried()).toBe('brand.tokens.json'));
    expect(screen.getByRole('status').textContent).toContain('1 value understood, 1 not');
    expect(within(screen.getByRole('list', { name: 'Not understood' })).getByText('tertiary')).toBeTruthy();
    expect(studio.draft.getState().draft.house).toBe(before);
    press('Use what was understood');
    expect(studio.draft.getState().draft.house.colours?.accent).toBe('#7a2f5d');
    expect(tried()).toBe('none');
    act(() => studio.draft.undo());
    expect(studio.draft.getState().draft.house).toEqual(before);
  });

  it('that are none are refused with a sentence', async () => {
    const studio = inStudio(<AllTokens />, { stored: stored() });
    const before = studio.draft.getState().draft;
    importFile('photo.json', '\u0089PNG');
    await waitFor(() =>
      expect(screen.getByRole('status').textContent).toBe(
        'photo.json: This file is not JSON. Design tokens are kept as JSON.',
      ),
    );
    expect(screen.queryByRole('button', { name: 'Use what was understood' })).toBeNull();
    importFile('large.json', 'x'.repeat(1_000_001));
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('larger than 1 MB'));
    importFile('other.json', '{"gap": {"$value": "4px"}}');
    await waitFor(() =>
      expect(screen.getByRole('status').textContent).toContain('0 values understood, 1 not'),
    );
    expect(screen.queryByRole('button', { name: 'Use what was understood' })).toBeNull();
    expect(studio.draft.getState().draft).toBe(before);
  });
});

describe('the colours of the store', () => {
  it('say how text in them stands out on what it is written on', () => {
    const plan = stored();
    inStudio(<HouseColours />, {
      stored: { ...plan, house: { ...plan.house, colours: { ...plan.house.colours, quiet: '#aaaaaa' } } },
    });
    const said = screen.getAllByRole('status').map((one) => one.textContent);
    expect(said).toContain('2.3:1 on page background, needs 4.5:1');
    expect(said).toContain('18.8:1 on page background');
  });
});
