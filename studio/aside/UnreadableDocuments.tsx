import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { afterReset } from '../../core/plan/afterReset.ts';
import { emptyPlan } from '../../core/plan/documents.ts';
import { readPlan, type Unreadable } from '../../core/plan/reading.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Button, MainButton } from '../ui/Button.tsx';
import { Dialog, DialogFoot } from '../ui/Dialog.tsx';
import { t } from '../ui/theme.ts';
import { Aside } from './Aside.tsx';
import { liveQuery } from '../api/live.ts';
import { saveFile } from '../ui/saveFile.ts';

const Text = styled.pre`
  overflow: auto;
  max-height: 46vh;
  margin: 0;
  padding: 10px 12px;
  background: ${t.wall};
  border-radius: ${t.corner};
  font: 12px/1.5 ${t.measures};
  user-select: text;
`;

/** One document: what is the matter, what stands in it, and what can take its place. */
function Broken({ document, onClose }: { document: Unreadable; onClose(): void }) {
  const { client, draft, keepNow } = useStudio();
  const queries = useQueryClient();
  const [fault, setFault] = useState<string | null>(null);
  const text = JSON.stringify(document.body, null, 2);
  const reset = async () => {
    try {
      const { live } = await queries.ensureQueryData(liveQuery(client));
      const plan = live ? readPlan(live.plan).plan : emptyPlan;
      draft.reset(document.key, afterReset(document.key, document.body, plan));
      await keepNow();
      onClose();
    } catch (error) {
      setFault(`What is live could not be fetched: ${(error as Error).message}`);
    }
  };
  const download = () => saveFile(`${document.key.replace(':', '-')}.json`, 'application/json', text);
  return (
    <Dialog title="This cannot be read" open onClose={onClose}>
      <p>{document.message}</p>
      <Text tabIndex={0} aria-label="What is stored">
        {text}
      </Text>
      <p>
        Reset puts back what is live now, or an empty one where nothing is live. Download what is stored first
        if you want to keep it.
      </p>
      {fault && <p role="alert">{fault}</p>}
      <DialogFoot>
        <Button onPress={onClose}>Cancel</Button>
        <Button onPress={download}>Download</Button>
        <MainButton onPress={() => void reset()}>Reset</MainButton>
      </DialogFoot>
    </Dialog>
  );
}

/** Documents of the draft that cannot be read: left as they are on the server until they are reset. */
export function UnreadableDocuments() {
  const unreadable = useDraft((state) => state.unreadable);
  const [opened, setOpened] = useState<Unreadable | null>(null);
  if (unreadable.length === 0) return null;
  return (
    <Aside
      title="Part of the draft cannot be read"
      about={`${counted(unreadable.length, 'document')} left out here. Nothing is published before it is reset.`}
    >
      <ul>
        {unreadable.map((document) => (
          <li key={document.key}>
            {document.message}
            <div className="choose">
              <Button onPress={() => setOpened(document)}>Open</Button>
            </div>
          </li>
        ))}
      </ul>
      {opened && <Broken document={opened} onClose={() => setOpened(null)} />}
    </Aside>
  );
}
