// @vitest-environment jsdom
import { act, cleanup, configure, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { OFS, type Of } from '../../core/assortment/of.ts';
import { bayKinds } from '../../core/bays/index.ts';
import { differs, valueAt, type Varying } from '../../core/bands/varying.ts';
import { subjectOf, type Target } from '../../core/plan/target.ts';
import { completePlan, type StoredPlan } from '../../core/plan/storedPlan.ts';
import { readPath } from '../../core/settings/path.ts';
import { same } from '../../core/settings/same.ts';
import type { PlacedSetting } from '../../core/settings/setting.ts';
import { specimenBay, specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import { inStudio, type InStudio } from '../specimen/inStudio.tsx';
import { useDraft } from '../studioContext.tsx';
import { specimenStorePicture } from '../specimen/storePicture.ts';
import { SettingControl, labelOf } from './SettingControl.tsx';

// Whether each thing that is asked for can be seen is not worth its time here.
configure({ defaultHidden: true });
afterEach(cleanup);

const picture = specimenStorePicture({ id: 'a'.repeat(64), name: 'A bowl' });
const options = [{ id: 4, name: 'Glaze', values: [{ id: 1, name: 'Amber', products: 2 }] }];
const answers = {
  'GET /api/pictures': () => ({ pictures: [picture], total: 1 }),
  'POST /api/pictures/named': () => ({ pictures: [picture] }),
};

/** What of a plan a target is, complete. */
function documentAt(stored: StoredPlan, on: Target): object {
  const plan = completePlan(stored);
  if ('shelf' in on) return plan.shelves[on.shelf]!;
  if ('page' in on) {
    const page = plan.pages[on.page]!;
    return on.bay === undefined ? page : page.bays.find(({ id }) => id === on.bay)!;
  }
  return plan.house;
}

/** The usual control as the spec draws it, kept up to date. */
function Drawn({ on, setting }: { on: Target; setting: PlacedSetting }) {
  const stored = useDraft((state) => state.draft);
  const bands = useDraft((state) => state.plan.house.bands);
  return (
    <SettingControl
      on={on}
      setting={setting}
      value={readPath(documentAt(stored, on), setting.id)}
      at={bands.map(({ id }) => id)}
    />
  );
}

const type = (field: HTMLElement, value: string) => {
  fireEvent.focus(field);
  fireEvent.input(field, { target: { value } });
  fireEvent.blur(field);
};

/** Chooses in a list that opens. */
async function choose(label: string, option: string): Promise<void> {
  const named = screen.getAllByRole('button', { name: new RegExp(label.replace(/[^\w ]/g, '.')) });
  fireEvent.click(named.find((one) => one.getAttribute('aria-haspopup') === 'listbox')!);
  fireEvent.click(within(await screen.findByRole('listbox')).getByRole('option', { name: option }));
}

/** Changes the value by the control, as somebody would, to another than it has. */
async function change(label: string, { kind }: PlacedSetting, value: unknown): Promise<void> {
  const { control } = kind;
  switch (control.is) {
    case 'number': {
      const shown = (value as number) / control.scale;
      const next = shown + control.step > control.most ? shown - control.step : shown + control.step;
      return type(await screen.findByRole('textbox', { name: label }), String(Math.round(next * 1e6) / 1e6));
    }
    case 'choice': {
      const other = control.options.find((one) => one.value !== value)!;
      const radio = screen.queryByRole('radio', { name: other.name });
      if (radio) return void fireEvent.click(radio);
      return choose(label, other.name);
    }
    case 'switch':
      return void fireEvent.click(screen.getByRole('switch', { name: label }));
    case 'text':
      return void fireEvent.change(screen.getByRole('textbox', { name: label }), {
        target: { value: 'other-words'.slice(0, control.longest) },
      });
    case 'link':
      return void fireEvent.change(screen.getByRole('textbox', { name: label }), {
        target: { value: '/shop' },
      });
    case 'colour': {
      if (control.named) {
        fireEvent.click(await screen.findByRole('button', { name: new RegExp(`^${label}:`) }));
        return void fireEvent.click(await screen.findByRole('button', { name: /^Accent/ }));
      }
      const group = within(await screen.findByRole('group', { name: label }));
      return void fireEvent.click(group.getAllByRole('button')[value === null ? 1 : 0]!);
    }
    case 'option':
      return choose(label, 'Glaze');
    case 'time': {
      const group = await screen.findByRole('group', { name: label });
      // Every part of it is set by keys, one after the other.
      for (const part of within(group).getAllByRole('spinbutton'))
        fireEvent.keyDown(part, { key: 'ArrowUp' });
      return;
    }
    case 'pictureSize':
      return choose(label, 'Large, 960 × 1200 px');
    case 'ratio':
      return choose(label, value === '1:1' ? '4:5' : '1:1');
    case 'picture':
      return void fireEvent.click(await screen.findByRole('option', { name: 'A bowl' }));
    case 'none':
  }
}

const shelfOf = (of: Of): StoredPlan => specimenStored([specimenShelf('a', { assortment: { of } as never })]);

const bayOf = (holds: string): StoredPlan =>
  specimenStored([specimenShelf('a')], [specimenBay('a', { holds } as never)]);

/** Everything that settings can be on, once each. */
const subjects: [string, StoredPlan, Target][] = [
  ...OFS.map((of): [string, StoredPlan, Target] => [`a shelf of ${of}`, shelfOf(of), { shelf: 'a' }]),
  ...bayKinds.map(({ id }): [string, StoredPlan, Target] => [
    `a bay that holds a ${id}`,
    bayOf(id),
    { page: 'home', bay: 'a' },
  ]),
  ['a page', shelfOf('products'), { page: 'home' }],
];

/** Styles have the place House style and the line Look, and tests of their own. */
const usual = (stored: StoredPlan, on: Target): PlacedSetting[] =>
  subjectOf(stored, on)!.settings.filter(({ kind, mayBeUnset }) => kind.control.is !== 'none' && !mayBeUnset);

async function changedBy(
  { draft }: InStudio,
  setting: PlacedSetting,
  on: Target,
  stored: StoredPlan,
): Promise<unknown> {
  const before = readPath(documentAt(stored, on), setting.id);
  const bands = draft.getState().plan.house.bands;
  const label = labelOf(setting);
  if (!setting.varies) await change(label, setting, before);
  else if (setting.kind.control.is === 'switch') fireEvent.click(screen.getByRole('switch', { name: label }));
  else {
    const value = before as Varying<unknown>;
    // One control until it differs by width.
    const name = differs(value, bands) ? `${label} on ${bands[0]!.name}` : label;
    await change(name, setting, valueAt(value, bands, bands[0]!.id));
  }
  return before;
}

/** Settings that every part of a card has from one and the same place. */
const OF_EVERY_PART = /^card\.parts\.[^.]+\.(shown|zone|row|when|align|before|after)$/;

/** A setting that has the same place, kind of value and default on another subject or part is not tried again. */
const tried = new Set<string>();
const firstTime = ({ id, kind, byDefault, on }: PlacedSetting) => {
  const key = JSON.stringify([id.replace(OF_EVERY_PART, 'card.parts.*.$1'), kind.control, byDefault, on]);
  return tried.has(key) ? false : Boolean(tried.add(key));
};

const cases = subjects.flatMap(([name, stored, on]) =>
  usual(stored, on)
    .filter(firstTime)
    .map((setting) => [`${setting.id} of ${name}`, { stored, on, setting }] as const),
);

/** What is set along with a setting, so that something else stays as it is: how many are shown, in any layout; that text can be read. */
const along: Readonly<Record<string, readonly string[]>> = {
  layout: ['amount.by', 'amount.rows', 'amount.items'],
  'card.text.reach': ['card.text.background'],
};

describe('the usual control of every setting there is', () => {
  it('is there on each thing that can be set', () => {
    expect(subjects.filter(([, stored, on]) => usual(stored, on).length === 0)).toEqual([]);
  });

  it.each(cases)('%s changes just that, can be undone and reset', async (_, { stored, on, setting }) => {
    const studio = inStudio(<Drawn on={on} setting={setting} />, {
      stored,
      answers,
      vocabulary: { options },
    });
    const { draft } = studio;
    const own = (id: string) => readPath(subjectOf(draft.getState().draft, on)!.document, id);
    const wasSet = own(setting.id) !== undefined;
    const goesAlong = along[setting.id] ?? [];
    const others = usual(stored, on).filter(({ id }) => id !== setting.id && !goesAlong.includes(id));
    const before = await changedBy(studio, setting, on, stored);
    await waitFor(() => expect(draft.getState().past).toHaveLength(1));

    const value = readPath(documentAt(draft.getState().draft, on), setting.id);
    expect(same(value, before)).toBe(false);
    for (const { id } of others)
      expect(same(own(id), readPath(subjectOf(stored, on)!.document, id)), id).toBe(true);

    act(() => draft.undo());
    expect(draft.getState().draft).toEqual(stored);
    act(() => draft.redo());
    if (wasSet) return;
    for (const reset of screen.getAllByRole('button', { name: /^Reset / })) fireEvent.click(reset);
    expect(own(setting.id)).toBeUndefined();
    expect(screen.queryAllByRole('button', { name: /^Reset / })).toEqual([]);
  });
});

describe('a ratio that is typed', () => {
  const on: Target = { shelf: 'a' };
  const stored = shelfOf('products');
  const setting = usual(stored, on).find(({ id }) => id === 'card.parts.picture.ratio')!;
  const label = labelOf(setting);

  it('is taken with Enter, read as it is meant, and what is none stays and is said', async () => {
    const { draft } = inStudio(<Drawn on={on} setting={setting} />, { stored });
    const ratio = () => draft.getState().plan.shelves.a!.card.parts.picture.ratio;
    const before = ratio();
    await choose(label, 'Typed');
    const field = screen.getByRole('textbox', { name: `${label}, typed` });
    fireEvent.change(field, { target: { value: '16 / 9' } });
    expect(ratio()).toEqual(before);
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(Object.values(ratio())).toEqual(['16:9']);
    expect(field).toHaveProperty('value', '16:9');

    fireEvent.change(field, { target: { value: 'wide' } });
    fireEvent.blur(field);
    expect(screen.getByRole('alert').textContent).toContain('such as 4:5');
    expect(field).toHaveProperty('value', 'wide');
    expect(Object.values(ratio())).toEqual(['16:9']);

    act(() => draft.undo());
    expect(field).toHaveProperty('value', Object.values(before)[0]);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
