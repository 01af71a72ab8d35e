import { Menu, MenuSection, Text } from 'react-aria-components';
import { bayKind, bayKinds, type Bay, type StoredBay } from '../../../core/bays/index.ts';
import { everywhere } from '../../../core/bands/varying.ts';
import { isEdge } from '../../../core/pages/index.ts';
import { copyOf } from '../../../core/plan/commands.ts';
import { bayName, shelvesOf } from '../../../core/plan/places.ts';
import { readyBays, readyBaysFor } from '../../../core/plan/readyBays/index.ts';
import { READY_GROUPS } from '../../../core/plan/readyBays/readyBay.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import type { StoredShelf } from '../../../core/plan/shelf.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { MenuHeading, MenuRow } from '../../ui/MenuRow.tsx';
import { useArranging } from '../arrangeContext.tsx';
import { newId, newIds } from './newId.ts';

/** Adds a bay under the chosen one: a new one, a ready-made one, or a copy of one from another page. */
export function AddBayMenu() {
  const { draft } = useStudio();
  const { page, bay: chosen, choose, openLine } = useArranging();
  const plan = useDraft((state) => state.plan);
  const stored = useDraft((state) => state.draft);
  const { bands } = plan.house;
  const around = isEdge(page);
  const addable = bayKinds.filter((kind) => (around ? kind.aroundPages : kind.addable));
  const canBeAdded = (bay: Bay) => addable.some(({ id }) => id === bay.holds);
  const elsewhere = Object.values(plan.pages)
    .filter((one) => one.id !== page.id)
    .map((one) => ({ page: one, bays: one.bays.filter(canBeAdded) }))
    .filter(({ bays }) => bays.length > 0);
  const add = ({ bay, shelves }: { bay: StoredBay; shelves: readonly StoredShelf[] }) => {
    const at = chosen ? page.bays.findIndex((one) => one.id === chosen.id) + 1 : page.bays.length;
    // In a row of the header or the footer a bay needs no space of its own.
    const none = everywhere(bands, 0);
    const placed = around ? { ...bay, look: { ...bay.look, above: none, below: none } } : bay;
    draft.run({ do: 'addBay', page: page.id, at, bay: placed, shelves });
    choose(bay.id);
    // Its heading, or its first text, is ready to be typed over.
    const { settings } = subjectOf(draft.getState().draft, { page: page.id, bay: bay.id })!;
    const texts = settings.filter(({ kind }) => kind.control.is === 'text');
    const first = texts.find(({ id }) => id === 'heading.words') ?? texts[0];
    if (first) openLine(first.line, first.id);
  };
  const addNew = (holds: string) => {
    const { bay, shelves } = bayKind(holds).atFirst(newId(holds.toLowerCase(), plan));
    add({ bay: bay as StoredBay, shelves });
  };
  const addReady = (readyId: string) =>
    add(readyBays.find(({ id }) => id === readyId)!.make(newId(readyId.toLowerCase(), plan), bands));
  const addCopy = (place: string) => {
    const [pageId, bayId] = place.split('/');
    const from = stored.pages[pageId!]!.bays.find(({ id }) => id === bayId)!;
    add(copyOf(from, stored.shelves, newIds([from.id, ...shelvesOf(from)], plan)));
  };
  const acts: Record<string, (rest: string) => void> = { new: addNew, ready: addReady, copy: addCopy };
  return (
    <Menu
      aria-label="Add a bay"
      onAction={(key) => {
        const [how, rest] = String(key).split(':');
        acts[how!]!(rest!);
      }}
    >
      <MenuSection>
        <MenuHeading>New</MenuHeading>
        {addable.map(({ id, name }) => (
          <MenuRow key={id} id={`new:${id}`}>
            {name}
          </MenuRow>
        ))}
      </MenuSection>
      {(around ? [] : Object.entries(READY_GROUPS)).map(([group, name]) => (
        <MenuSection key={group}>
          <MenuHeading>Ready-made: {name.toLowerCase()}</MenuHeading>
          {readyBaysFor(page.kind)
            .filter((ready) => ready.group === group)
            .map(({ id, heading, about }) => (
              <MenuRow key={id} id={`ready:${id}`} textValue={heading}>
                <Text slot="label">{heading}</Text>
                <Text slot="description">{about}</Text>
              </MenuRow>
            ))}
        </MenuSection>
      ))}
      {elsewhere.map(({ page: one, bays }) => (
        <MenuSection key={one.id}>
          <MenuHeading>Copied from {one.name}</MenuHeading>
          {bays.map((bay) => (
            <MenuRow key={bay.id} id={`copy:${one.id}/${bay.id}`}>
              {bayName(bay, plan)}
            </MenuRow>
          ))}
        </MenuSection>
      ))}
    </Menu>
  );
}
