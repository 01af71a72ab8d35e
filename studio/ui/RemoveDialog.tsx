import type { ReactNode } from 'react';
import { Button, MainButton } from './Button.tsx';
import { Dialog, DialogFoot } from './Dialog.tsx';

interface RemoveDialogProps {
  title: string;
  open: boolean;
  /** What its button does. */
  does: string;
  /** Several go. */
  several?: boolean;
  /** How far removing has come, as a mutation tells it. */
  removing: { isPending: boolean; error: Error | null; mutate(): void };
  /** It cannot go after all; why is said among what it says. */
  stays?: boolean;
  onClose(): void;
  /** What goes with it. */
  children: ReactNode;
}

/** Asks before something is removed that cannot be brought back. */
export function RemoveDialog({
  title,
  open,
  does,
  several = false,
  removing,
  stays = false,
  onClose,
  children,
}: RemoveDialogProps) {
  return (
    <Dialog title={title} open={open} onClose={onClose}>
      {children}
      {removing.error && <p role="alert">{removing.error.message}</p>}
      <DialogFoot>
        <Button onPress={onClose}>{several ? 'Keep them' : 'Keep it'}</Button>
        <MainButton isDisabled={removing.isPending || stays} onPress={() => removing.mutate()}>
          {removing.isPending ? 'Removing…' : does}
        </MainButton>
      </DialogFoot>
    </Dialog>
  );
}
