// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { shelfSettings } from '../../core/plan/shelf.ts';
import { readPath } from '../../core/settings/path.ts';
import { specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import { inStudio } from '../specimen/inStudio.tsx';
import { useDraft } from '../studioContext.tsx';
import { SettingControl } from './SettingControl.tsx';

afterEach(cleanup);

const setting = shelfSettings('products').find(({ id }) => id === 'amount.items')!;
const on = { shelf: 'a' };
const stored = specimenStored([specimenShelf('a')]);

function Items() {
  const shelf = useDraft(({ plan }) => plan.shelves.a!);
  const bands = useDraft(({ plan }) => plan.house.bands);
  return (
    <SettingControl
      on={on}
      setting={setting}
      value={readPath(shelf, setting.id)}
      at={bands.map(({ id }) => id)}
    />
  );
}

const draw = () => {
  const { draft } = inStudio(<Items />, { stored });
  return { draft, own: () => draft.getState().draft.shelves.a!.amount?.items };
};
const fields = () => screen.getAllByRole<HTMLInputElement>('textbox').map((one) => one.value);
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name: new RegExp(`^${name}`) }));

describe('a value that may vary by width', () => {
  it('is one control while it is the same everywhere, and sets every width', () => {
    const { own } = draw();
    expect(fields()).toEqual(['12']);
    expect(screen.getByText(/Same at every width/)).toBeTruthy();
    press('Items: more');
    expect(own()).toEqual({ phone: 13 });
    expect(fields()).toEqual(['13']);
    press('Reset Items');
    expect(own()).toBeUndefined();
  });

  it('is opened to be set per width, which changes nothing yet', () => {
    const { draft, own } = draw();
    press('Set Items per width');
    expect(fields()).toEqual(['12', '12', '12', '12']);
    expect(draft.getState().past).toHaveLength(0);
    press('Items on Laptop: more');
    expect(own()).toEqual({ laptop: 13 });
    expect(fields()).toEqual(['12', '12', '13', '13']);
  });

  it('is shown per width as soon as it differs, and is made the same by one press that can be undone', () => {
    const { draft, own } = draw();
    act(() => draft.run({ do: 'set', on, setting: 'amount.items', band: 'tablet', value: 8 }));
    expect(fields()).toEqual(['12', '8', '8', '8']);
    press('Set Items the same at every width');
    expect(fields()).toEqual(['12']);
    expect(own()).toEqual({ phone: 12 });
    act(() => draft.undo());
    expect(fields()).toEqual(['12', '8', '8', '8']);
  });

  it('folded again without a difference, changes nothing', () => {
    const { draft } = draw();
    press('Set Items per width');
    press('Set Items the same at every width');
    expect(fields()).toEqual(['12']);
    expect(draft.getState().past).toHaveLength(0);
  });
});
