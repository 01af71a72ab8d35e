// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Boundary } from './Boundary.tsx';

const Fails = ({ when }: { when: boolean }) => {
  if (when) throw new Error('a shelf without an end');
  return <p>All is well</p>;
};

beforeEach(() => void vi.spyOn(console, 'error').mockImplementation(() => undefined));
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('a boundary', () => {
  it('says what could not be shown and why, and leaves everything beside it', () => {
    render(
      <>
        <p>Beside</p>
        <Boundary what="The spec" tryAgainOn={[]}>
          <Fails when />
        </Boundary>
      </>,
    );
    expect(screen.getByText('Beside')).toBeTruthy();
    const alert = screen.getByRole('alert');
    expect(alert.textContent).toContain('The spec could not be shown.');
    expect(alert.textContent).toContain('a shelf without an end');
    expect(screen.queryByRole('button', { name: 'Undo the last change' })).toBeNull();
  });

  it('tries again by itself once what it was drawn from has changed, and not before', () => {
    const drawn = (draft: number, when: boolean) => (
      <Boundary what="The spec" tryAgainOn={[draft]}>
        <Fails when={when} />
      </Boundary>
    );
    const { rerender } = render(drawn(1, true));
    rerender(drawn(1, false));
    expect(screen.getByRole('alert')).toBeTruthy();
    rerender(drawn(2, false));
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByText('All is well')).toBeTruthy();
  });

  it('tries again when asked, and offers to undo where there is something to', () => {
    let broken = true;
    const onUndo = vi.fn();
    const Once = () => <Fails when={broken} />;
    render(
      <Boundary what="The spec" tryAgainOn={[]} onUndo={onUndo}>
        <Once />
      </Boundary>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Undo the last change' }));
    expect(onUndo).toHaveBeenCalledTimes(1);
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(screen.getByRole('alert')).toBeTruthy();
    broken = false;
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(screen.getByText('All is well')).toBeTruthy();
  });
});
