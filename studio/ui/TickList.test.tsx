// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import '../specimen/whatJsdomLacks.ts';
import { TickList, withTicked, type Tickable } from './TickList.tsx';

afterEach(cleanup);

const all: Tickable[] = [
  { id: '1', words: 'Ash', aside: '3 products', picture: '/a.webp' },
  { id: '2', words: 'Birch', aside: 'sold out', picture: null },
  { id: '3', words: 'Cedar' },
];

function Trees({ told }: { told(chosen: string[]): void }) {
  const [chosen, setChosen] = useState<string[]>(['2']);
  return (
    <TickList
      label="Tree"
      placeholder="Type a tree"
      find={(words) => all.filter((one) => one.words.toLowerCase().includes(words.toLowerCase()))}
      chosen={chosen}
      onTick={(id, ticked) => {
        const next = withTicked(chosen, id, ticked);
        setChosen(next);
        told(next);
      }}
    />
  );
}

const options = () => screen.queryAllByRole('option').map((one) => one.textContent);
const ticked = () =>
  screen
    .queryAllByRole('option')
    .filter((one) => one.getAttribute('aria-selected') === 'true')
    .map((one) => one.textContent);
const type = (value: string) =>
  fireEvent.change(screen.getByPlaceholderText('Type a tree'), { target: { value } });

describe('a list to tick', () => {
  it('shows what there is before anything is typed, with its picture and what is said of it', () => {
    render(<Trees told={vi.fn()} />);
    expect(options()).toEqual(['Ash3 products', 'Birchsold out', 'Cedar']);
    expect(ticked()).toEqual(['Birchsold out']);
    expect(document.querySelectorAll('img')).toHaveLength(1);
  });

  it('ticks any number, and takes a tick away again', () => {
    const told = vi.fn();
    render(<Trees told={told} />);
    fireEvent.click(screen.getByRole('option', { name: /Cedar/ }));
    expect(told).toHaveBeenLastCalledWith(['2', '3']);
    fireEvent.click(screen.getByRole('option', { name: /Birch/ }));
    expect(told).toHaveBeenLastCalledWith(['3']);
    expect(ticked()).toEqual(['Cedar']);
  });

  it('finds by typing, keeps what was ticked and is out of sight, and says when there is nothing', () => {
    const told = vi.fn();
    render(<Trees told={told} />);
    type('ce');
    expect(options()).toEqual(['Cedar']);
    fireEvent.click(screen.getByRole('option', { name: /Cedar/ }));
    expect(told).toHaveBeenLastCalledWith(['2', '3']);
    type('oak');
    expect(screen.getByText('Nothing is called "oak".')).toBeTruthy();
    type('');
    expect(ticked()).toEqual(['Birchsold out', 'Cedar']);
  });
});
