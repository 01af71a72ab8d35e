import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { removeEntry } from '../../../core/api/journal.ts';
import { placeOfEntry } from '../../../core/journal/entryShelves.ts';
import { dropPage } from '../../../core/plan/pageEdits.ts';
import type { Entry } from '../../../core/journal/entry.ts';
import { entriesChanged } from '../../api/entryWriter.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { RemoveDialog } from '../../ui/RemoveDialog.tsx';

/** Takes an entry out of the journal, once that is confirmed. */
export function RemoveEntry({ entry: { id, title }, onRemoved }: { entry: Entry; onRemoved(): void }) {
  const { client, draft } = useStudio();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const removing = useMutation({
    mutationFn: () => client.ask(removeEntry, { body: { id } }),
    onSuccess: () => {
      // Its own arrangement shows nothing any more.
      const place = placeOfEntry(draft.getState().draft, id);
      if (place?.alone) draft.run(dropPage(place.page));
      onRemoved();
      entriesChanged(queries);
    },
  });
  return (
    <section>
      <Button onPress={() => setAsking(true)}>Remove this entry…</Button>
      <RemoveDialog
        title={`Remove ${title}`}
        open={asking}
        does="Remove the entry"
        removing={removing}
        onClose={() => setAsking(false)}
      >
        <p>It goes from every shelf, and its page with it. It cannot be brought back.</p>
      </RemoveDialog>
    </section>
  );
}
