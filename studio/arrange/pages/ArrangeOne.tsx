import { useState } from 'react';
import { useNavigate } from 'react-router';
import { pageFor, pageKind, pageKinds } from '../../../core/pages/index.ts';
import { arrangeOne, idsIn } from '../../../core/plan/pageEdits.ts';
import { fold } from '../../../core/catalogue/fold.ts';
import { useCategorySearch } from '../../assortments/useCategorySearch.ts';
import { useProductSearch } from '../../assortments/useProductSearch.ts';
import { Hint } from '../../settings/Stack.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Dialog, DialogFoot } from '../../ui/Dialog.tsx';
import { Search } from '../../ui/Search.tsx';
import { newIds } from '../elevation/newId.ts';

/** More than this is found by typing. */
const MOST_LISTED = 60;

interface Thing {
  id: string;
  words: string;
  aside?: string;
}

/** Things of a kind by a part of their name. */
function useThings(kindId: string, typed: string): { find(words: string): Thing[]; pending: boolean } {
  const { vocabulary } = useStudio();
  const categories = useCategorySearch();
  const { products, pending } = useProductSearch(kindId === 'product' ? typed : '');
  const among = (all: readonly Thing[]) => (words: string) =>
    all.filter((one) => fold(one.words).includes(fold(words))).slice(0, MOST_LISTED);
  const finds: Readonly<Record<string, (words: string) => Thing[]>> = {
    category: categories,
    collection: among(vocabulary.collections.map(({ id, name }) => ({ id: String(id), words: name }))),
    entry: among(vocabulary.entries.map(({ id, title }) => ({ id: String(id), words: title }))),
    product: () => products,
  };
  return { find: finds[kindId] ?? (() => []), pending: kindId === 'product' && pending };
}

/** Gives one category, collection, product or entry an arrangement of its own, which begins as that of all of them. */
export function ArrangeOne({ onClose }: { onClose: () => void }) {
  const { draft } = useStudio();
  const stored = useDraft((state) => state.draft);
  const plan = useDraft((state) => state.plan);
  const navigate = useNavigate();
  const kinds = pageKinds.filter((kind) => kind.singly && pageFor(plan, kind, ''));
  const [kindId, setKind] = useState(kinds[0]?.id ?? '');
  const [typed, type] = useState('');
  const { find, pending } = useThings(kindId, typed);
  const kind = pageKind(kindId);
  const arrange = (about: number, name: string) => {
    const there = pageFor(plan, kind, '', about);
    if (there?.about === about) void navigate(`/arrange/${there.id}`);
    else {
      const page = stored.pages[pageFor(plan, kind, '')!.id]!;
      const ids = newIds([page.id, ...idsIn(page)], plan);
      draft.run(arrangeOne(stored, page, { about, name }, ids));
      void navigate(`/arrange/${ids[page.id]!}`);
    }
    onClose();
  };
  return (
    <Dialog title="Arrange one separately" open onClose={onClose}>
      <Choice
        label="Of which kind"
        value={kindId}
        options={kinds.map(({ id, name }) => ({ value: id, words: name }))}
        onChange={setKind}
      />
      <Search
        key={kindId}
        label={kind.name}
        placeholder="Type a part of its name"
        find={find}
        pending={pending}
        onType={type}
        opensAtOnce
        onChoose={(id, words) => {
          const found = find(words).find((one) => one.id === id);
          if (found) arrange(Number(id), found.words);
        }}
      />
      <Hint>
        It begins as it looks now, and goes its own way from then on. It can go back to how all the others are
        at any time.
      </Hint>
      <DialogFoot>
        <Button onPress={onClose}>Cancel</Button>
      </DialogFoot>
    </Dialog>
  );
}
