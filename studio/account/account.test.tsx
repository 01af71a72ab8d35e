// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { AnyContract } from '../../core/api/contract.ts';
import { Refusal, type Client } from '../api/client.ts';
import { inStudio } from '../specimen/inStudio.tsx';
import { SignIn } from './SignIn.tsx';
import { SignInAgain } from './SignInAgain.tsx';

afterEach(cleanup);

const wren = { account: { email: 'wren@shop.example', name: 'Wren', role: 'owner' }, csrf: 'new' };
const fill = (label: string | RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const send = () => fireEvent.submit(document.querySelector('form')!);

describe('signing in', () => {
  const drawn = (newStore: boolean, post: (path: string, body: unknown) => Promise<unknown>) => {
    const onSignedIn = vi.fn();
    const ask = ({ path }: AnyContract, { body }: { body: unknown }) => post(path, body);
    render(<SignIn client={{ ask } as unknown as Client} newStore={newStore} onSignedIn={onSignedIn} />);
    return onSignedIn;
  };

  it('sends what was typed and goes on with the answer', async () => {
    const post = vi.fn(async () => wren);
    const onSignedIn = drawn(false, post);
    fill('E-mail', 'wren@shop.example');
    fill('Password', 'a long password');
    send();
    await waitFor(() => expect(onSignedIn).toHaveBeenCalledWith(wren));
    expect(post).toHaveBeenCalledWith('/api/session', {
      email: 'wren@shop.example',
      password: 'a long password',
    });
    expect(screen.queryByLabelText(/code/i)).toBeNull();
  });

  it('says what was wrong, keeps what was typed, and can be tried again', async () => {
    let wrong = true;
    const onSignedIn = drawn(false, async () => {
      if (wrong) throw new Refusal('sign-in-wrong', 401, 'E-mail or password is wrong.', null);
      return wren;
    });
    fill('E-mail', 'wren@shop.example');
    fill('Password', 'a wrong password');
    send();
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe('E-mail or password is wrong.'));
    expect(screen.getByLabelText<HTMLInputElement>('E-mail').value).toBe('wren@shop.example');
    wrong = false;
    send();
    await waitFor(() => expect(onSignedIn).toHaveBeenCalledTimes(1));
  });

  it('of a new store makes its owner, with the code', async () => {
    const post = vi.fn(async () => wren);
    drawn(true, post);
    fill('Setup code from the server log', '1234');
    fill('Your name', 'Wren');
    fill('Name of your store', 'Harbour Lamps');
    fill('E-mail', 'wren@shop.example');
    fill('Password', 'a long password');
    send();
    await waitFor(() =>
      expect(post).toHaveBeenCalledWith('/api/owner', {
        code: '1234',
        name: 'Wren',
        store: 'Harbour Lamps',
        email: 'wren@shop.example',
        password: 'a long password',
      }),
    );
  });
});

describe('signing in again, when the session has ended', () => {
  it('is for the same account, and saves what was waiting', async () => {
    const sent: unknown[] = [];
    const { draft } = inStudio(<SignInAgain />, {
      answers: {
        'POST /api/session': (body) => {
          sent.push(body);
          return wren;
        },
      },
    });
    draft.setSaving({ state: 'signedOut' });
    fill(/^Password of wren@shop.example/, 'a long password');
    send();
    await waitFor(() => expect(draft.getState().saving.state).toBe('saved'));
    expect(sent).toEqual([{ email: 'wren@shop.example', password: 'a long password' }]);
  });

  it('says what was wrong and goes on asking', async () => {
    inStudio(<SignInAgain />);
    fill(/^Password of/, 'a wrong password');
    send();
    await waitFor(() => expect(screen.getByRole('alert')).toBeTruthy());
    expect(screen.getByRole('dialog')).toBeTruthy();
  });
});
