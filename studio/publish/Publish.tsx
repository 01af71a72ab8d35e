import { publish as publishContract } from '../../core/api/releases.ts';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ExternalLink } from 'lucide-react';
import styled from 'styled-components';
import type { Change } from '../../core/change/change.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { SET_UP_KEY } from '../api/setUpKey.ts';
import { draftVersion } from '../draft/draftStore.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Button, TapeButton } from '../ui/Button.tsx';
import { Dialog, DialogFoot } from '../ui/Dialog.tsx';
import { t } from '../ui/theme.ts';
import { ChangeList } from './ChangeList.tsx';

const Fault = styled.p`
  background: ${t.brickSoft};
  color: ${t.brick};
  padding: 9px 12px;
  border-radius: ${t.corner};
`;

/** What will change, as sentences; then live, all at once. */
export function Publish({
  open,
  first = false,
  changes,
  onClose,
}: {
  open: boolean;
  /** Nothing was published before. */
  first?: boolean;
  changes: readonly Change[];
  onClose(): void;
}) {
  const { draft, client, account, saveNow } = useStudio();
  const queries = useQueryClient();
  const saving = useDraft((state) => state.saving.state);
  const asked = useDraft((state) => state.conflicts.length);
  const broken = useDraft((state) => state.unreadable.length);
  const publish = useMutation({
    mutationFn: async () => {
      await saveNow();
      const { saving: now, versions } = draft.getState();
      if (now.state !== 'saved')
        throw new Error('The draft could not be saved first. Try again when it says "Saved".');
      return client.ask(publishContract, { body: { draftVersion: draftVersion(versions) } });
    },
    onSuccess: () =>
      Promise.all([['live'], SET_UP_KEY].map((queryKey) => queries.invalidateQueries({ queryKey }))),
  });
  const close = () => {
    onClose();
    publish.reset();
  };
  if (publish.isSuccess)
    return (
      <Dialog title="Live" open={open} onClose={close}>
        <p>Release {publish.data.release} is what shoppers see now.</p>
        <DialogFoot>
          <Button onPress={() => window.open('/', '_blank')}>
            <ExternalLink size={16} aria-hidden /> See live
          </Button>
          <Button autoFocus onPress={close}>
            Keep editing
          </Button>
        </DialogFoot>
      </Dialog>
    );
  return (
    <Dialog
      title={changes.length ? `Publish ${counted(changes.length, 'change')}` : 'Nothing to publish'}
      open={open}
      onClose={close}
    >
      <p>
        {first
          ? 'Shoppers see nothing yet. This is what they will see.'
          : changes.length
            ? 'This is what shoppers will see differently.'
            : 'The draft is the same as what is live.'}
      </p>
      <ChangeList changes={changes} />
      {publish.isError && <Fault role="alert">{publish.error.message}</Fault>}
      {!account.mayPublish && <Fault>Your account may arrange, but not publish. Ask the owner.</Fault>}
      {asked > 0 && <Fault>Choose first between your changes and those of somebody else.</Fault>}
      {broken > 0 && <Fault>Part of the draft cannot be read. Reset it first.</Fault>}
      {saving === 'away' && <Fault>Cannot reach the server. Your changes are kept here.</Fault>}
      <DialogFoot>
        <Button onPress={close}>Cancel</Button>
        <TapeButton
          isDisabled={
            changes.length === 0 ||
            publish.isPending ||
            !account.mayPublish ||
            saving === 'away' ||
            asked + broken > 0
          }
          onPress={() => publish.mutate()}
        >
          {publish.isPending ? 'Publishing…' : 'Publish now'}
        </TapeButton>
      </DialogFoot>
    </Dialog>
  );
}
