// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { LOCALES, sayCurrency, sayLocale, timeZones } from '../../../core/catalogue/storeWhere.ts';
import { houseSettings } from '../../../core/plan/house.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import { useDraft } from '../../studioContext.tsx';
import { inStudio } from '../../specimen/inStudio.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { StoreCurrency, StoreLocale, StoreTimeZone } from './StoreWhere.tsx';

afterEach(cleanup);

const HOUSE = { house: true } as const;

function Drawn() {
  const { plan, draft } = useDraft((state) => state);
  const given = (id: 'locale' | 'currency' | 'timeZone') => ({
    ...({} as Omit<OwnControlProps, 'value'>),
    on: HOUSE,
    setting: subjectOf(draft, HOUSE)!.settings.find((one) => one.id === id)!,
    value: plan.house[id],
  });
  return (
    <>
      <StoreLocale {...given('locale')} />
      <StoreCurrency {...given('currency')} />
      <StoreTimeZone {...given('timeZone')} />
    </>
  );
}

async function choose(name: string, typed: string, words: string) {
  const field = screen.getByRole('combobox', { name });
  act(() => field.focus());
  fireEvent.change(field, { target: { value: typed } });
  fireEvent.click(within(await screen.findByRole('listbox')).getByText(words));
}

describe('where a store is', () => {
  it('is found by typing, by name or code, set for the whole store, and taken back', async () => {
    const { draft } = inStudio(<Drawn />);
    const house = () => draft.getState().plan.house;
    screen.getByText('British English');
    screen.getByText('British Pound, GBP');
    await choose('Language and region', 'austrian', 'Austrian German');
    await waitFor(() => expect(house().locale).toBe('de-AT'));
    await choose('Currency', 'eur', 'Euro, EUR');
    await waitFor(() => expect(house().currency).toBe('EUR'));
    await choose('Time zone', 'vienna', 'Europe/Vienna');
    await waitFor(() => expect(house().timeZone).toBe('Europe/Vienna'));
    await screen.findByText('Europe/Vienna');
    draft.undo();
    await waitFor(() => expect(house().timeZone).toBe('Europe/London'));
  });

  it('offers nothing that could not be kept, and each by a name of its own', () => {
    const fits = (id: 'locale' | 'timeZone', value: string) =>
      houseSettings[id].kind.schema.isValidSync(value, { strict: true });
    for (const locale of LOCALES) {
      expect(fits('locale', locale), locale).toBe(true);
      expect(sayLocale(locale), locale).not.toBe(locale);
    }
    expect(new Set(LOCALES.map(sayLocale)).size).toBe(LOCALES.length);
    for (const zone of timeZones()) expect(fits('timeZone', zone), zone).toBe(true);
    expect(sayCurrency('XXQ')).toBe('XXQ');
  });
});
