// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { specimenHouse, specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import type { OwnTexts } from '../../core/texts/ownTexts.ts';
import { inStudio, type InStudio } from '../specimen/inStudio.tsx';
import { StoreTexts } from './StoreTexts.tsx';

afterEach(cleanup);

const texts = ({ draft }: InStudio) => draft.getState().draft.house.texts;
const open = (own: OwnTexts = {}, locale = 'en-GB') =>
  inStudio(<StoreTexts />, {
    stored: {
      ...specimenStored([specimenShelf('s')]),
      house: { ...specimenHouse, locale, ...(Object.keys(own).length > 0 && { texts: own }) },
    },
  });
const field = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });
const type = (name: string, value: string) => fireEvent.change(field(name), { target: { value } });
const told = () => screen.getByRole('status').textContent;

describe('texts of the store', () => {
  it('are there as they ship, by where they are said, and counted once they are written', () => {
    const studio = open();
    expect(field('Add to basket').value).toBe('Add to basket');
    expect(within(screen.getByRole('region', { name: 'Basket' })).getByText('Add to basket')).toBeTruthy();
    expect(told()).toMatch(/^0 of \d+ texts in own words$/);
    type('Add to basket', 'Into the bag');
    expect(texts(studio)).toEqual({ en: { addToBasket: 'Into the bag' } });
    expect(told()).toMatch(/^1 of /);
    fireEvent.click(screen.getByRole('button', { name: 'Reset Add to basket' }));
    expect(texts(studio)).toBeUndefined();
    act(() => studio.draft.undo());
    expect(texts(studio)).toEqual({ en: { addToBasket: 'Into the bag' } });
  });

  it('written back as they ship are no own words', () => {
    const studio = open({ en: { addToBasket: 'Into the bag' } });
    type('Add to basket', 'Add to basket');
    expect(texts(studio)).toBeUndefined();
  });

  it('say what stands in their braces, with an example, and refuse what means nothing there', () => {
    const studio = open();
    type('Only 3 left', 'The last {count}!');
    expect(screen.getByText('{count} is filled in: “The last 3!”')).toBeTruthy();
    type('Only 3 left', 'The last {number}!');
    expect(screen.getByRole('alert').textContent).toBe('{number} means nothing here. There is {count}.');
    expect(field('Only 3 left').value).toBe('The last {number}!');
    expect(texts(studio)).toEqual({ en: { fewLeft: 'The last {count}!' } });
    type('Only 3 left', ' ');
    expect(screen.getByRole('alert').textContent).toContain('A text needs words.');
  });

  it('that count have a field for each form of the language', () => {
    const studio = open({}, 'pl-PL');
    for (const form of ['one', 'a few', 'many', 'all other numbers'])
      expect(field(`12 products, for ${form}`).value).toMatch(/^\{count\} products?$/);
    type('12 products, for a few', '{count} produkty');
    expect(texts(studio)).toEqual({
      pl: { products: { one: '{count} product', other: '{count} products', few: '{count} produkty' } },
    });
  });

  it('are kept by language, and those of another are not touched', () => {
    const studio = open({ en: { basket: 'Bag' }, de: { basket: 'Korb' } }, 'de-DE');
    expect(screen.getByText(/is not written here in German is said in English/)).toBeTruthy();
    expect(field('Basket').value).toBe('Korb');
    fireEvent.click(screen.getByRole('button', { name: 'Reset all' }));
    expect(texts(studio)).toEqual({ en: { basket: 'Bag' } });
    expect(screen.queryByRole('button', { name: 'Reset all' })).toBeNull();
  });

  it('are found by what they say now, as they ship, and by where', () => {
    open({ en: { soldOut: 'None left' } });
    const find = (words: string) =>
      fireEvent.change(screen.getByRole('searchbox', { name: 'Find a text' }), { target: { value: words } });
    const found = () => screen.getAllByRole('textbox').map((one) => one.getAttribute('value'));
    find('none left');
    expect(found()).toEqual(['None left']);
    find('under a row');
    expect(found()).toEqual(['{place} of {places}']);
    find('e-mail');
    expect(found().length).toBeGreaterThan(2);
    find('no such words');
    expect(screen.queryAllByRole('textbox')).toEqual([]);
    expect(told()).toBe('0 texts found');
  });
});
