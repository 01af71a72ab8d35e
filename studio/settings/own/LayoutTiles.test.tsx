// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { layoutKinds } from '../../../core/layouts/index.ts';
import '../../specimen/whatJsdomLacks.ts';
import { LayoutTiles } from './LayoutTiles.tsx';

afterEach(cleanup);

describe('the tiles of layouts', () => {
  it('are one for each layout, drawn from what it does, and choose it', () => {
    const onChange = vi.fn();
    render(<LayoutTiles label="Layout" value="grid" onChange={onChange} />);
    expect(screen.getAllByRole('radio').map((one) => one.closest('label')!.textContent)).toEqual(
      layoutKinds.map(({ name }) => name),
    );
    expect(screen.getByRole<HTMLInputElement>('radio', { name: 'Grid' }).checked).toBe(true);
    const drawings = screen
      .getAllByRole('radio')
      .map((one) => one.closest('label')!.querySelector('svg')!.innerHTML);
    expect(new Set(drawings).size).toBe(layoutKinds.length);
    fireEvent.click(screen.getByRole('radio', { name: 'Masonry' }));
    expect(onChange).toHaveBeenCalledWith('masonry');
  });
});
