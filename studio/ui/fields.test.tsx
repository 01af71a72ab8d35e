// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, renderHook, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import '../specimen/whatJsdomLacks.ts';
import { MoneyField } from './MoneyField.tsx';
import { NamedList } from './NamedList.tsx';
import { Search } from './Search.tsx';
import { Stepper } from './Stepper.tsx';
import { useSettled } from './useSettled.ts';
import { Words } from './Words.tsx';

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const field = () => screen.getByRole<HTMLInputElement>('textbox');
const enter = (value: string) => {
  fireEvent.focus(field());
  fireEvent.input(field(), { target: { value } });
};

describe('a number', () => {
  const drawn = (value: number, onChange = vi.fn()) => {
    const stepper = (now: number) => (
      <Stepper label="Columns" value={now} least={1} most={8} onChange={onChange} />
    );
    const { rerender } = render(stepper(value));
    return { onChange, given: (now: number) => rerender(stepper(now)) };
  };

  it('steps within its bounds', () => {
    const { onChange, given } = drawn(7);
    fireEvent.click(screen.getByRole('button', { name: 'Columns: more' }));
    expect(onChange).toHaveBeenLastCalledWith(8);
    given(8);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Columns: more' }).disabled).toBe(true);
  });

  it.each([
    ['5', 5],
    ['40', 8],
    ['0', 1],
  ])('typed as %s becomes %i', (typed, value) => {
    const { onChange } = drawn(3);
    enter(typed);
    fireEvent.blur(field());
    expect(onChange).toHaveBeenLastCalledWith(value);
  });

  it('says which numbers are possible when another is typed, where that matters', () => {
    const edge = (saysLimits: boolean) => {
      render(
        <Stepper
          label="Begins at"
          value={880}
          least={600}
          most={1_200}
          saysLimits={saysLimits}
          onChange={vi.fn()}
        />,
      );
      enter('5000');
    };
    edge(true);
    expect(screen.getByRole('status').textContent).toBe('5000 is not possible here; 600 to 1200 is.');
    // Somebody who has typed the first figures is not told yet.
    enter('7');
    expect(screen.queryByRole('status')).toBeNull();
    enter('100');
    expect(screen.getByRole('status').textContent).toContain('100 is not possible');
    enter('700');
    expect(screen.queryByRole('status')).toBeNull();
    cleanup();
    edge(false);
    expect(screen.queryByRole('status')).toBeNull();
  });

  const press = (key: string) => fireEvent.keyDown(field(), { key });

  it.each(['Enter', 'Tab'])('is kept by %s', (key) => {
    const { onChange } = drawn(3);
    enter('6');
    press(key);
    expect(onChange).toHaveBeenLastCalledWith(6);
  });

  it('is put back by Escape, which says so; a second Escape is for what the field is in', () => {
    const onChange = vi.fn();
    const escaped = vi.fn();
    render(
      <div onKeyDown={({ key }) => key === 'Escape' && escaped()}>
        <Stepper label="Columns" value={3} least={1} most={8} onChange={onChange} />
      </div>,
    );
    enter('6');
    press('Escape');
    expect(field().value).toBe('3');
    expect(screen.getByRole('status').textContent).toBe('Back to 3');
    expect(escaped).not.toHaveBeenCalled();
    press('Escape');
    expect(escaped).toHaveBeenCalledOnce();
    fireEvent.blur(field());
    expect(onChange).not.toHaveBeenCalled();
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('is put back to what was kept last, not to what it was at first', () => {
    const onChange = vi.fn();
    function Kept() {
      const [value, setValue] = useState(3);
      onChange.mockImplementation(setValue);
      return <Stepper label="Columns" value={value} least={1} most={8} onChange={onChange} />;
    }
    render(<Kept />);
    enter('6');
    press('Enter');
    fireEvent.input(field(), { target: { value: '7' } });
    press('Escape');
    expect(field().value).toBe('6');
  });

  it('that is no number, or the same, changes nothing', () => {
    const { onChange } = drawn(3);
    enter('');
    fireEvent.blur(field());
    enter('3');
    fireEvent.blur(field());
    expect(onChange).not.toHaveBeenCalled();
    expect(field().value).toBe('3');
  });

  it('stays as it is being typed while another comes from elsewhere, which holds once that was left', () => {
    const { onChange, given } = drawn(3);
    enter('6');
    given(5);
    expect(field().value).toBe('6');
    fireEvent.blur(field());
    expect(onChange).toHaveBeenLastCalledWith(6);
    given(5);
    expect(field().value).toBe('5');
  });
});

describe('an amount of money', () => {
  const drawn = (currency: string, value: number | null) => {
    const onChange = vi.fn();
    render(
      <MoneyField
        label="At most"
        currency={currency}
        locale="en-GB"
        value={value}
        most={1_000_000}
        onChange={onChange}
      />,
    );
    return onChange;
  };

  it('is kept by Tab and put back by Escape', () => {
    const onChange = drawn('GBP', 1250);
    const before = field().value;
    enter('20');
    fireEvent.keyDown(field(), { key: 'Escape' });
    expect(field().value).toBe(before);
    enter('20');
    fireEvent.keyDown(field(), { key: 'Tab' });
    expect(onChange).toHaveBeenLastCalledWith(2000);
  });

  it('is typed in whole units and kept in the smallest', () => {
    const onChange = drawn('GBP', 1250);
    expect(field().value).toContain('12.50');
    enter('19.99');
    fireEvent.blur(field());
    expect(onChange).toHaveBeenLastCalledWith(1999);
  });

  it('knows currencies without smaller units', () => {
    const onChange = drawn('JPY', 1250);
    expect(field().value).toContain('1,250');
    enter('900');
    fireEvent.blur(field());
    expect(onChange).toHaveBeenLastCalledWith(900);
  });

  it('is any where nothing is typed', () => {
    const onChange = drawn('GBP', 1250);
    enter('');
    fireEvent.blur(field());
    expect(onChange).toHaveBeenLastCalledWith(null);
  });
});

describe('a text', () => {
  it('shows each letter at once, and keeps what is wrong in the field without giving it on', () => {
    const onChange = vi.fn();
    const fault = (value: string) => (value.includes('!') ? 'No exclamation marks.' : null);
    render(<Words label="Heading" value="New" longest={20} fault={fault} onChange={onChange} />);
    fireEvent.change(field(), { target: { value: 'Newer' } });
    expect(onChange).toHaveBeenLastCalledWith('Newer');
    fireEvent.change(field(), { target: { value: 'Newer!' } });
    expect(onChange).toHaveBeenCalledTimes(1);
    expect(field().value).toBe('Newer!');
    expect(screen.getByRole('alert').textContent).toBe('No exclamation marks.');
    fireEvent.change(field(), { target: { value: 'Newest' } });
    expect(onChange).toHaveBeenLastCalledWith('Newest');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('follows when it is changed elsewhere, such as by undo', () => {
    const text = (value: string) => (
      <Words label="Heading" value={value} longest={20} onChange={() => undefined} />
    );
    const { rerender } = render(text('New'));
    rerender(text('Old'));
    expect(field().value).toBe('Old');
  });
});

describe('a search', () => {
  const all = ['Bowl', 'Bottle', 'Mug'].map((words, i) => ({ id: String(i), words }));
  const find = (typed: string) =>
    all.filter(({ words }) => words.toLowerCase().includes(typed.toLowerCase()));
  const box = () => screen.getByRole<HTMLInputElement>('combobox');

  it('finds while typing, chooses, and is empty for the next', () => {
    const onChoose = vi.fn();
    render(<Search label="Find" placeholder="Type" find={find} onChoose={onChoose} />);
    act(() => box().focus());
    fireEvent.change(box(), { target: { value: 'bo' } });
    const options = within(screen.getByRole('listbox')).getAllByRole('option');
    expect(options.map((one) => one.textContent)).toEqual(['Bowl', 'Bottle']);
    fireEvent.click(options[1]!);
    expect(onChoose).toHaveBeenCalledWith('1', 'bo');
    expect(box().value).toBe('');
    expect(screen.queryByRole('listbox')).toBeNull();
  });

  it('says so where nothing is found, and closes and empties on Escape', () => {
    render(<Search label="Find" placeholder="Type" find={find} onChoose={() => undefined} />);
    act(() => box().focus());
    fireEvent.change(box(), { target: { value: 'vase' } });
    expect(screen.getByText('Nothing is called "vase".')).toBeTruthy();
    fireEvent.keyDown(box(), { key: 'Escape' });
    expect(box().value).toBe('');
    expect(screen.queryByRole('listbox')).toBeNull();
  });

  it('does not say that nothing is called so while it is still being looked for', () => {
    const search = (pending: boolean) => (
      <Search label="Find" placeholder="Type" find={() => []} pending={pending} onChoose={() => undefined} />
    );
    const { rerender } = render(search(true));
    act(() => box().focus());
    fireEvent.change(box(), { target: { value: 'vase' } });
    expect(screen.getByText('Searching…')).toBeTruthy();
    rerender(search(false));
    expect(screen.getByText('Nothing is called "vase".')).toBeTruthy();
  });

  it('chooses what is pressed also where the list comes again between press and release', () => {
    const onChoose = vi.fn();
    function Refreshing() {
      const [, again] = useState(0);
      return (
        <>
          <button onClick={() => again((n) => n + 1)}>Refresh</button>
          <Search
            label="Find"
            placeholder="Type"
            find={(typed) => find(typed).map((one) => ({ ...one }))}
            onChoose={onChoose}
          />
        </>
      );
    }
    render(<Refreshing />);
    act(() => box().focus());
    fireEvent.change(box(), { target: { value: 'bo' } });
    const option = screen.getAllByRole('option')[0]!;
    fireEvent.mouseDown(option);
    fireEvent.click(screen.getByText('Refresh'));
    expect(screen.getAllByRole('option')[0]).toBe(option);
    fireEvent.mouseUp(option);
    fireEvent.click(option);
    expect(onChoose).toHaveBeenCalledTimes(1);
  });
});

describe('a search that lists at once', () => {
  const drawn = (opensAtOnce: boolean) => {
    const onChoose = vi.fn();
    render(
      <Search
        label="Find"
        placeholder="Type"
        opensAtOnce={opensAtOnce}
        find={(words) =>
          ['Ash', 'Birch'].filter((one) => one.startsWith(words)).map((id) => ({ id, words: id }))
        }
        onChoose={onChoose}
      />,
    );
    return onChoose;
  };
  const options = () => screen.queryAllByRole('option').map((one) => one.textContent);
  const enterField = () => act(() => screen.getByPlaceholderText('Type').focus());

  it('shows what there is before anything is typed, and after a choice stays closed', () => {
    const onChoose = drawn(true);
    enterField();
    expect(options()).toEqual(['Ash', 'Birch']);
    fireEvent.click(screen.getByRole('option', { name: 'Birch' }));
    expect(onChoose).toHaveBeenCalledWith('Birch', '');
    expect(options()).toEqual([]);
    act(() => (document.activeElement as HTMLElement).blur());
    enterField();
    expect(options()).toEqual(['Ash', 'Birch']);
  });

  it('waits for typing where it is not told to', () => {
    drawn(false);
    enterField();
    expect(options()).toEqual([]);
  });
});

describe('a list of what was named', () => {
  const items = ['Bowl', 'Mug'].map((words, i) => ({ id: String(i), words }));

  it('takes one out by its name', () => {
    const onRemove = vi.fn();
    render(<NamedList items={items} onRemove={onRemove} />);
    fireEvent.click(screen.getByRole('button', { name: 'Remove Mug' }));
    expect(onRemove).toHaveBeenCalledWith('1');
  });

  it('can be put in order only where that counts', () => {
    render(<NamedList items={items} onRemove={() => undefined} />);
    expect(screen.queryByRole('button', { name: 'Move Mug' })).toBeNull();
    cleanup();
    render(<NamedList items={items} onRemove={() => undefined} onMove={() => undefined} />);
    expect(screen.getByRole('button', { name: 'Move Mug' })).toBeTruthy();
  });
});

describe('a value that settles', () => {
  it('waits for a pause in typing, and follows everything else at once', () => {
    vi.useFakeTimers();
    const { result, rerender } = renderHook(({ value, typed }) => useSettled(value, typed), {
      initialProps: { value: 1, typed: '' },
    });
    const after = (ms: number) => act(() => void vi.advanceTimersByTime(ms));
    rerender({ value: 2, typed: 'b' });
    after(100);
    rerender({ value: 3, typed: 'bo' });
    after(100);
    expect(result.current).toBe(1);
    after(100);
    expect(result.current).toBe(3);
    rerender({ value: 4, typed: 'bo' });
    after(1);
    expect(result.current).toBe(4);
  });
});
