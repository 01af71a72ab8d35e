// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { useState } from 'react';
import type { Tried } from './tried.ts';
import { readPath } from '../../core/settings/path.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import { elements, styleElement } from '../../core/style/elements/index.ts';
import { takenIn } from '../../core/style/styleTree.ts';
import type { StoredShelf } from '../../core/plan/shelf.ts';
import { inStudio, type InStudio } from '../specimen/inStudio.tsx';
import { useDraft } from '../studioContext.tsx';
import { ElementEditor, useStateOf } from './ElementEditor.tsx';
import { Tokens } from './Tokens.tsx';
import { Schemes } from './Schemes.tsx';
import { HouseColours } from './HouseColours.tsx';

afterEach(cleanup);

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
const ofHouse = ({ draft }: InStudio) => draft.getState().draft.house.style as object | undefined;
const editor = (name: string) => screen.getByRole('region', { name: `Look of ${name}` });
const press = (name: string | RegExp, within_: HTMLElement = document.body) =>
  fireEvent.click(within(within_).getByRole('button', { name }));

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
