// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { subjectOf, type Target } from '../../core/plan/target.ts';
import type { Varying } from '../../core/bands/varying.ts';
import { readPath } from '../../core/settings/path.ts';
import type { PlacedSetting } from '../../core/settings/setting.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import { inStudio } from '../specimen/inStudio.tsx';
import { useDraft } from '../studioContext.tsx';
import { VaryingRows } from './VaryingRows.tsx';

afterEach(cleanup);

const on: Target = { shelf: 'a' };
const stored = specimenStored([specimenShelf('a')], [specimenBay('a')]);
const find = (id: string) => subjectOf(stored, on)!.settings.find((one) => one.id === id)!;

/** The setting, with a count of how often a control was drawn from its kind of value. */
function counted(setting: PlacedSetting): { setting: PlacedSetting; drawn(): number } {
  let times = 0;
  const { kind, ...rest } = setting;
  const counting = {
    ...rest,
    get kind() {
      times += 1;
      return kind;
    },
  };
  return {
    setting: counting,
    drawn: () => {
      const before = times;
      times = 0;
      return before;
    },
  };
}

function Rows({ setting }: { setting: PlacedSetting }) {
  const shelf = useDraft((state) => state.plan.shelves.a!);
  const bands = useDraft((state) => state.plan.house.bands);
  return (
    <VaryingRows
      // As the spec gives it: another object each time, which says the same.
      on={{ ...on }}
      setting={setting}
      label={setting.name}
      value={readPath(shelf, setting.id) as Varying<unknown>}
      at={bands.map(({ id }) => id)}
    />
  );
}

describe('controls of values by width', () => {
  it('are drawn anew where their value changed, and nowhere else', () => {
    const column = counted(find('gap.column'));
    const row = counted(find('gap.row'));
    const { draft } = inStudio(
      <>
        <Rows setting={column.setting} />
        <Rows setting={row.setting} />
      </>,
      { stored },
    );
    const bands = draft.getState().plan.house.bands.length;
    expect(column.drawn()).toBeGreaterThanOrEqual(bands);
    row.drawn();

    act(() => draft.run({ do: 'set', on, setting: 'gap.column', band: 'tablet', value: 32 }));
    expect(screen.getByRole('textbox', { name: 'Gap between columns on Tablet' })).toHaveProperty(
      'value',
      '32',
    );
    // One band changed: the others of this setting stay as they were drawn, and so does the other setting.
    const drawn = column.drawn();
    expect(drawn).toBeGreaterThan(0);
    expect(drawn).toBeLessThan(bands);
    expect(row.drawn()).toBe(0);

    act(() => draft.run({ do: 'set', on, setting: 'notTwice', value: true }));
    expect([column.drawn(), row.drawn()]).toEqual([0, 0]);
  });

  it('still set the shelf that they stand for, and are reset where they were set', () => {
    const { draft } = inStudio(<Rows setting={find('gap.row')} />, { stored });
    fireEvent.click(screen.getByRole('button', { name: 'Gap between rows on Phone: more' }));
    expect(readPath(draft.getState().draft.shelves.a, 'gap.row.phone')).toBeGreaterThan(20);
    fireEvent.click(screen.getByRole('button', { name: 'Reset Gap between rows on Phone' }));
    expect(readPath(draft.getState().draft.shelves.a, 'gap.row.phone')).toBeUndefined();
    expect(screen.queryByRole('button', { name: 'Reset Gap between rows on Phone' })).toBeNull();
  });
});
