import { useState, type FormEvent } from 'react';
import { Input, Label, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { signIn } from '../../core/api/session.ts';
import { useStudio } from '../studioContext.tsx';
import { MainButton } from '../ui/Button.tsx';
import { Dialog, DialogFoot } from '../ui/Dialog.tsx';
import { t } from '../ui/theme.ts';

const Form = styled.form`
  display: grid;
  gap: 12px;
  input {
    width: 100%;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    padding: 7px 10px;
  }
  [role='alert'] {
    color: ${t.brick};
  }
`;

/** The session ended while there was work to save: signing in again saves it. */
export function SignInAgain() {
  const { client, account, saveNow } = useStudio();
  const [fault, setFault] = useState<string | null>(null);
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const password = String(new FormData(event.currentTarget).get('password'));
    try {
      await client.ask(signIn, { body: { email: account.email, password } });
      await saveNow();
    } catch (error) {
      setFault((error as Error).message);
    }
  };
  return (
    <Dialog title="Sign in again" open>
      <p>
        Your session has ended. Your changes are kept in this browser and are saved as soon as you have signed
        in.
      </p>
      <Form onSubmit={(event) => void submit(event)}>
        <TextField name="password" type="password" isRequired autoFocus>
          <Label>Password of {account.email}</Label>
          <Input autoComplete="current-password" />
        </TextField>
        {fault && <p role="alert">{fault}</p>}
        <DialogFoot>
          <MainButton type="submit">Sign in</MainButton>
        </DialogFoot>
      </Form>
    </Dialog>
  );
}
