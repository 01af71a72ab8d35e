import type { ReactNode } from 'react';
import { Form } from 'react-aria-components';
import { Stack } from '../settings/Stack.tsx';
import { Button, MainButton } from './Button.tsx';
import { Dialog, DialogFoot } from './Dialog.tsx';

interface FormDialogProps {
  title: string;
  open: boolean;
  /** What its button does. */
  does: string;
  /** The same while it is under way. */
  doing: string;
  pending: boolean;
  /** What is asked for is there. */
  canBe: boolean;
  /** What is wrong, in a sentence; null where nothing is. */
  fault: string | null;
  onClose(): void;
  onDone(): void;
  children: ReactNode;
}

/** A sheet that asks for a few things before something is made of them. */
export function FormDialog(props: FormDialogProps) {
  const { title, open, does, doing, pending, canBe, fault, onClose, onDone, children } = props;
  const isOff = !canBe || pending;
  return (
    <Dialog title={title} open={open} onClose={onClose}>
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (!isOff) onDone();
        }}
      >
        <Stack>
          {children}
          {fault && <p role="alert">{fault}</p>}
          <DialogFoot>
            <Button onPress={onClose}>Not now</Button>
            <MainButton type="submit" isDisabled={isOff}>
              {pending ? doing : does}
            </MainButton>
          </DialogFoot>
        </Stack>
      </Form>
    </Dialog>
  );
}
