import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { addEntry } from '../../../core/api/journal.ts';
import { entryFact, LONGEST_ENTRY } from '../../../core/journal/entryFacts.ts';
import { entriesChanged } from '../../api/entryWriter.ts';
import { Hint } from '../../settings/Stack.tsx';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { FormDialog } from '../../ui/FormDialog.tsx';
import { Words } from '../../ui/Words.tsx';
import { fits } from '../TextFact.tsx';

/** Makes an entry of a title, and opens it to be written. */
export function NewEntry({ onMade }: { onMade(id: number): void }) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [title, setTitle] = useState('');
  const making = useMutation({
    mutationFn: () => client.ask(addEntry, { body: { title: title.trim() } }),
    onSuccess: ({ id }) => {
      setOpen(false);
      setTitle('');
      entriesChanged(queries);
      onMade(id);
    },
  });
  return (
    <>
      <Button onPress={() => setOpen(true)}>New entry</Button>
      <FormDialog
        title="New entry"
        open={open}
        does="Write the entry"
        doing="Making…"
        pending={making.isPending}
        canBe={fits(entryFact('title')!.schema, title) === true}
        fault={making.error?.message ?? null}
        onClose={() => setOpen(false)}
        onDone={() => making.mutate()}
      >
        <Words label="Title" value={title} longest={LONGEST_ENTRY.title} onChange={setTitle} />
        <Hint>Nobody sees it until you show it.</Hint>
      </FormDialog>
    </>
  );
}
