// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { LinkItem } from '../../../core/bays/linkItem.ts';
import type { TextItem } from '../../../core/bays/textItem.ts';
import { readPath } from '../../../core/settings/path.ts';
import { specimenBay, specimenStored } from '../../../core/specimen/specimen.ts';
import { inStudio, type InStudio } from '../../specimen/inStudio.tsx';
import { specimenStorePicture } from '../../specimen/storePicture.ts';
import { useDraft } from '../../studioContext.tsx';
import type { ContactField } from '../../../core/bays/contactField.ts';
import { BayLinks } from './BayLinks.tsx';
import { ContactFields } from './ContactFields.tsx';
import { useTurnedTo } from '../../arrange/wall/turnedTo.ts';
import { Banners, TextColumns } from './TextItems.tsx';

afterEach(cleanup);

const bowl = specimenStorePicture({ id: 'a'.repeat(64), name: 'A bowl' });
const answers = {
  'GET /api/pictures': () => ({ pictures: [bowl], total: 1 }),
  'POST /api/pictures/named': () => ({ pictures: [bowl] }),
};
const on = { page: 'home', bay: 'a' };

/** What is set of a bay, as the control of its list is given it. */
type Setting = 'columns' | 'banners' | 'links' | 'fields';

function Drawn({ setting }: { setting: Setting }) {
  const value = useDraft((state) => readPath(state.plan.pages.home!.bays[0], setting));
  if (setting === 'fields') return <ContactFields on={on} value={value as ContactField[]} />;
  if (setting === 'banners') return <Banners on={on} bayId="a" value={value as TextItem[]} />;
  return setting === 'columns' ? (
    <TextColumns on={on} value={value as TextItem[]} />
  ) : (
    <BayLinks on={on} value={value as LinkItem[]} />
  );
}

const drawn = (holds: string, setting: Setting, list: object[]): InStudio =>
  inStudio(<Drawn setting={setting} />, {
    answers,
    stored: specimenStored([], [specimenBay('a', { holds, [setting]: list } as never)]),
  });
const stored = ({ draft }: InStudio, setting: string): unknown =>
  readPath(draft.getState().draft.pages.home!.bays[0], setting);
const field = (name: string) => screen.getByRole('textbox', { name });
const type = (name: string, value: string) => fireEvent.change(field(name), { target: { value } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

describe('the columns of a bay', () => {
  it('are added, written in, copied, moved by keys, removed, and all of it can be taken back', async () => {
    const studio = drawn('pictureText', 'columns', [{ id: 'c1', title: 'First' }]);
    // The only one is open.
    type('Text', 'Two lines\nof it');
    type('Button', 'See more');
    screen.getByText('A button that leads nowhere is not shown.');
    press('Duplicate');
    expect(stored(studio, 'columns')).toEqual([
      { id: 'c1', title: 'First', words: 'Two lines\nof it', button: 'See more' },
      { id: 'column-2', title: 'First', words: 'Two lines\nof it', button: 'See more' },
    ]);
    press('Add a column');
    type('Title', 'Third');
    const row = screen.getByRole('row', { name: /^Third/ });
    row.focus();
    fireEvent.keyDown(row, { key: 'ArrowUp', altKey: true });
    const ids = () => (stored(studio, 'columns') as TextItem[]).map(({ id }) => id);
    expect(ids()).toEqual(['c1', 'column-3', 'column-2']);
    press('Remove');
    expect(ids()).toEqual(['c1', 'column-2']);
    studio.draft.undo();
    studio.draft.undo();
    expect(ids()).toEqual(['c1', 'column-2', 'column-3']);
    await waitFor(() => expect(screen.getAllByRole('row')).toHaveLength(3));
  });

  it('take a picture of the store, and keep nothing of a text that is emptied', async () => {
    const studio = drawn('pictureText', 'columns', [{ id: 'c1', title: 'First' }]);
    fireEvent.click(await screen.findByRole('option', { name: 'A bowl' }));
    await waitFor(() =>
      expect(stored(studio, 'columns')).toEqual([{ id: 'c1', title: 'First', pictureId: bowl.id }]),
    );
    type('Title', '');
    expect(stored(studio, 'columns')).toEqual([{ id: 'c1', pictureId: bowl.id }]);
    fireEvent.click(await screen.findByRole('button', { name: 'No picture' }));
    await waitFor(() => expect(stored(studio, 'columns')).toEqual([{ id: 'c1' }]));
  });

  it('are no more than there is room for, which is said', () => {
    drawn(
      'pictureText',
      'columns',
      Array.from({ length: 12 }, (_, i) => ({ id: `c${i}`, title: `No ${i}` })),
    );
    expect(screen.queryByRole('button', { name: 'Add a column' })).toBeNull();
    screen.getByText('There is room for 12 columns.');
    fireEvent.click(screen.getByRole('row', { name: /^No 3/ }));
    expect(screen.getByRole('button', { name: 'Duplicate' })).toHaveProperty('disabled', true);
  });
});

describe('the banners of a bay', () => {
  const turned = () => useTurnedTo.getState().turned;

  it('turn the frames to the one that is open, counted among those that are shown, and let them go', () => {
    const studio = drawn('banners', 'banners', [
      { id: 'bare', button: 'See more' },
      { id: 'one', title: 'First' },
      { id: 'two', title: 'Second' },
    ]);
    const row = (name: RegExp) => fireEvent.click(screen.getByRole('row', { name }));
    expect(turned()).toBeNull();
    row(/^Second/);
    expect(turned()).toEqual({ bay: 'a', place: 1 });
    row(/^See more/);
    expect(turned()).toBeNull();
    type('Title', 'Now it says something');
    expect(turned()).toEqual({ bay: 'a', place: 0 });
    press('Duplicate');
    expect(turned()).toEqual({ bay: 'a', place: 1 });
    expect((stored(studio, 'banners') as TextItem[]).map(({ id }) => id)).toEqual([
      'bare',
      'banner-4',
      'one',
      'two',
    ]);
    press('Remove');
    row(/^Second/);
    row(/^Second/);
    expect(turned()).toBeNull();
    row(/^First/);
    cleanup();
    expect(turned()).toBeNull();
  });
});

describe('the links of a bay', () => {
  it('say what is no address, and keep the one that was there', () => {
    const studio = drawn('links', 'links', [{ id: 'l1', words: 'Shop', link: '/shop' }]);
    type('Link', 'shop.example');
    screen.getByText(/^A link begins with/);
    expect(stored(studio, 'links')).toEqual([{ id: 'l1', words: 'Shop', link: '/shop' }]);
    type('Link', 'https://shop.example');
    expect(stored(studio, 'links')).toEqual([{ id: 'l1', words: 'Shop', link: 'https://shop.example' }]);
  });

  it('have an icon of those that are shipped, or none', async () => {
    const studio = drawn('links', 'links', [{ id: 'l1', words: 'Shop', link: '/shop' }]);
    const choose = async (name: string) => {
      fireEvent.click(screen.getByRole('button', { name: /Icon$/ }));
      fireEvent.click(within(await screen.findByRole('listbox')).getByRole('option', { name }));
    };
    await choose('Envelope');
    expect(stored(studio, 'links')).toMatchObject([{ icon: 'mail' }]);
    await choose('No icon');
    expect(stored(studio, 'links')).toEqual([{ id: 'l1', words: 'Shop', link: '/shop' }]);
  });
});

describe('the fields of a contact form', () => {
  it('are added and told what they are for; what is as usual is not kept', async () => {
    const studio = drawn('contact', 'fields', []);
    screen.getByText('It asks for name and e-mail address alone.');
    press('Add a field');
    type('Label', 'How many');
    fireEvent.click(screen.getByRole('button', { name: /What is written into it$/ }));
    fireEvent.click(
      within(await screen.findByRole('listbox')).getByRole('option', { name: 'Several lines' }),
    );
    fireEvent.click(screen.getByRole('switch', { name: 'Has to be filled in' }));
    expect(stored(studio, 'fields')).toEqual([
      { id: 'field-1', label: 'How many', type: 'long', required: true },
    ]);
    screen.getByText('several lines, has to be filled in');
    fireEvent.click(screen.getByRole('switch', { name: 'Has to be filled in' }));
    fireEvent.click(screen.getByRole('button', { name: /What is written into it$/ }));
    fireEvent.click(within(await screen.findByRole('listbox')).getByRole('option', { name: 'One line' }));
    type('Label', '');
    expect(stored(studio, 'fields')).toEqual([{ id: 'field-1' }]);
    screen.getByText('Without a label nobody knows what to write.');
  });
});
