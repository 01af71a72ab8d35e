// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { inStudio } from '../specimen/inStudio.tsx';
import { SeenBy } from './SeenBy.tsx';

beforeEach(() => localStorage.clear());
afterEach(cleanup);

describe('choosing the shopper', () => {
  it('opens one dialog, also while what is in it is still fetched, and plays who is chosen', async () => {
    inStudio(<SeenBy />);
    fireEvent.click(screen.getByRole('button', { name: 'Seen by: new shopper' }));
    expect(screen.getAllByRole('dialog')).toHaveLength(1);
    fireEvent.click(await screen.findByRole('radio', { name: 'A returning one' }));
    expect(screen.getAllByRole('dialog')).toHaveLength(1);
    expect(screen.getByText('Recently viewed, most recent first')).toBeTruthy();
    // The button itself says so too; what is behind an open dialog is hidden from readers.
    expect(screen.getByRole('button', { name: 'Seen by: returning shopper', hidden: true })).toBeTruthy();
  });
});
