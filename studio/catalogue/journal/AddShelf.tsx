import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import { fold } from '../../../core/catalogue/fold.ts';
import type { Entry } from '../../../core/journal/entry.ts';
import { addToEntry, idsForOwnPage, placeOfEntry } from '../../../core/journal/entryShelves.ts';
import { placesOf } from '../../../core/plan/places.ts';
import type { StoredShelf } from '../../../core/plan/shelf.ts';
import { LONGEST_NAME } from '../../../core/plan/words.ts';
import { newId, newIds } from '../../arrange/elevation/newId.ts';
import { Hint } from '../../settings/Stack.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button, MainButton } from '../../ui/Button.tsx';
import { Dialog, DialogFoot } from '../../ui/Dialog.tsx';
import { Search } from '../../ui/Search.tsx';
import { Words } from '../../ui/Words.tsx';

const MOST_FOUND = 40;

interface AddShelfProps {
  entry: Entry;
  /** Ids of those that stand in the text already. */
  there: readonly string[];
  /** Puts it into the text. */
  onAdd(shelfId: string): void;
}

/** Puts a shelf into the text: one that is on a page, one of a saved assortment, or a new one. */
export function AddShelf({ entry, there, onAdd }: AddShelfProps) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const stored = useDraft((state) => state.draft);
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const add = (shelf: StoredShelf) => {
    const ids = newIds(idsForOwnPage(stored, entry.id), plan);
    const command = addToEntry(stored, entry, shelf, ids);
    if (!command) return;
    draft.run(command);
    setOpen(false);
    setName('');
    onAdd(shelf.id);
  };
  const fresh = (called: string, more: Partial<StoredShelf> = {}): StoredShelf => ({
    id: newId('text', plan),
    name: called.slice(0, LONGEST_NAME),
    amount: { by: 'rows', rows: { [plan.house.bands[0]!.id]: 1 } },
    ...more,
  });
  const find = (words: string) => {
    const own = placeOfEntry(stored, entry.id);
    const shelves = Object.values(plan.shelves)
      .filter(({ id }) => {
        const places = placesOf(plan, id);
        // A page has a shelf once: what stands beside the text is not put into it as well.
        const isBeside = places.some(({ page, bayId }) => page.id === own?.page.id && bayId !== own.bayId);
        return places.length > 0 && !there.includes(id) && !isBeside;
      })
      .map(({ id, name: called }) => ({
        id: `shelf ${id}`,
        words: called,
        aside: `on ${placesOf(plan, id)[0]!.page.name}`,
      }));
    const saved = Object.values(plan.assortments).map(({ id, name: called }) => ({
      id: `saved ${id}`,
      words: called,
      aside: 'a saved assortment',
    }));
    return [...saved, ...shelves].filter((one) => fold(one.words).includes(fold(words))).slice(0, MOST_FOUND);
  };
  const choose = (chosen: string) => {
    const [what, id = ''] = chosen.split(' ');
    if (what === 'shelf' && stored.shelves[id]) add(stored.shelves[id]);
    else if (plan.assortments[id]) add(fresh(plan.assortments[id].name, { assortmentId: id }));
  };
  return (
    <>
      <AriaButton className="insert" onPress={() => setOpen(true)}>
        Shelf
      </AriaButton>
      <Dialog title="A shelf in the text" open={open} onClose={() => setOpen(false)}>
        <Search
          label="One there is, or a saved assortment"
          placeholder="Type a part of its name"
          find={find}
          opensAtOnce
          onChoose={choose}
        />
        <Words
          label="Or a new one, called"
          value={name}
          longest={LONGEST_NAME}
          placeholder="The newest"
          onChange={setName}
        />
        <Hint>
          It shows the newest products until you arrange it. It follows Publish: shoppers see it once you
          publish, and the text once you save it.
        </Hint>
        <DialogFoot>
          <Button onPress={() => setOpen(false)}>Not now</Button>
          <MainButton
            onPress={() =>
              add(
                fresh(name.trim() || 'The newest', {
                  assortment: { of: 'products', order: { by: 'newest' } },
                }),
              )
            }
          >
            Make a new shelf
          </MainButton>
        </DialogFoot>
      </Dialog>
    </>
  );
}
