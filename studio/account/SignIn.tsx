import { useState, type FormEvent } from 'react';
import { Form, Input, Label, TextField } from 'react-aria-components';
import styled from 'styled-components';
import type { Client } from '../api/client.ts';
import type { SentOf } from '../../core/api/contract.ts';
import { createOwner, signIn, type SessionAnswer } from '../../core/api/session.ts';
import { Brand } from '../ui/Brand.tsx';
import { MainButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';

const Ground = styled.main`
  min-height: 100%;
  display: grid;
  place-items: center;
  padding: 24px;
`;

const Sheet = styled.div`
  width: min(360px, 100%);
  background: ${t.paper};
  border-radius: 10px;
  overflow: hidden;
  border-top: 6px solid ${t.tape};
  form,
  header {
    padding: 0 28px 28px;
    display: grid;
    gap: 14px;
  }
  header {
    padding: 26px 28px 18px;
    gap: 8px;
  }
  h1 {
    font: 600 20px/1.2 ${t.names};
    margin-top: 12px;
  }
  input {
    width: 100%;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    padding: 8px 10px;
    background: #fff;
    margin-top: 3px;
  }
  .fault {
    background: ${t.brickSoft};
    color: ${t.brick};
    padding: 9px 12px;
    border-radius: ${t.corner};
  }
`;

export interface SignInProps {
  client: Client;
  /** There is no owner yet. */
  newStore: boolean;
  onSignedIn(answer: SessionAnswer): void;
}

/** Signing in, or making the first owner of a new store. */
export function SignIn({ client, newStore, onSignedIn }: SignInProps) {
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    setFault(null);
    const values = Object.fromEntries(new FormData(event.currentTarget));
    try {
      const body = values as SentOf<typeof createOwner>;
      onSignedIn(await (newStore ? client.ask(createOwner, { body }) : client.ask(signIn, { body })));
    } catch (error) {
      setFault((error as Error).message);
      setBusy(false);
    }
  };
  return (
    <Ground>
      <Sheet>
        <header>
          <Brand dark />
          <h1>{newStore ? 'Create owner account' : 'Sign in'}</h1>
        </header>
        <Form onSubmit={(event) => void submit(event)}>
          {newStore && (
            <>
              <TextField name="code" isRequired>
                <Label>Setup code from the server log</Label>
                <Input autoComplete="one-time-code" />
              </TextField>
              <TextField name="name" isRequired>
                <Label>Your name</Label>
                <Input autoComplete="name" />
              </TextField>
              <TextField name="store" maxLength={80} isRequired>
                <Label>Name of your store</Label>
                <Input autoComplete="organization" />
              </TextField>
            </>
          )}
          <TextField name="email" type="email" isRequired>
            <Label>E-mail</Label>
            <Input autoComplete="username" />
          </TextField>
          <TextField name="password" type="password" isRequired>
            <Label>Password</Label>
            <Input autoComplete={newStore ? 'new-password' : 'current-password'} />
          </TextField>
          {fault && (
            <p className="fault" role="alert">
              {fault}
            </p>
          )}
          <MainButton type="submit" isDisabled={busy}>
            {newStore ? 'Create account' : 'Sign in'}
          </MainButton>
        </Form>
      </Sheet>
    </Ground>
  );
}
