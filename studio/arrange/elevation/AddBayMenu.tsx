import { Menu, MenuSection, Text } from 'react-aria-components';
import { bayName } from '../../../core/change/change.ts';
import { newShelf } from '../../../core/plan/atFirst.ts';
import { bayKinds, type Bay } from '../../../core/plan/bays/index.ts';
import { readyBays, readyBaysFor } from '../../../core/plan/readyBays/index.ts';
import { makeReadyBay } from '../../../core/plan/readyBays/readyBay.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { MenuHeading, MenuRow } from '../../ui/MenuRow.tsx';
import { useArranging } from '../arrangeContext.tsx';
import { newId } from './newId.ts';

/** Adds a bay under the chosen one: a new one, one made beforehand, or a copy of one from another page. */
export function AddBayMenu() {
  const { draft } = useStudio();
  const { page, bay: chosen, choose } = useArranging();
  const plan = useDraft((state) => state.plan);
  const { bands } = plan.house;
  const addable = new Set(bayKinds.filter((kind) => kind.addedTo.includes(page.kind)).map(({ id }) => id));
  const elsewhere = Object.values(plan.pages)
    .filter((one) => one.id !== page.id)
    .map((one) => ({ page: one, bays: one.bays.filter((bay) => addable.has(bay.holds)) }))
    .filter(({ bays }) => bays.length > 0);
  const add = (bay: Bay, shelf?: Shelf) => {
    const at = chosen ? page.bays.findIndex((one) => one.id === chosen.id) + 1 : page.bays.length;
    draft.run({ do: 'addBay', page: page.id, at, bay, ...(shelf && { shelf }) });
    choose(bay.id);
  };
  const addNew = (holds: string) => {
    const kind = bayKinds.find(({ id }) => id === holds)!;
    const id = newId(holds, plan);
    add(kind.atFirst(id, bands[0]!.id), holds === 'shelf' ? newShelf(id, bands) : undefined);
  };
  const addReady = (readyId: string) => {
    const made = makeReadyBay(
      readyBays.find(({ id }) => id === readyId)!,
      newId(readyId.toLowerCase(), plan),
      bands,
    );
    add(made.bay, made.shelf);
  };
  const addCopy = (place: string) => {
    const [pageId, bayId] = place.split('/');
    const from = plan.pages[pageId!]!.bays.find(({ id }) => id === bayId)!;
    const id = newId(from.id, plan);
    if (from.holds !== 'shelf') add({ ...from, id });
    else add({ ...from, id, shelfId: id }, { ...plan.shelves[from.shelfId]!, id });
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
        {bayKinds
          .filter(({ id }) => addable.has(id))
          .map(({ id, name }) => (
            <MenuRow key={id} id={`new:${id}`}>
              {name}
            </MenuRow>
          ))}
      </MenuSection>
      <MenuSection>
        <MenuHeading>Made beforehand</MenuHeading>
        {readyBaysFor(page.kind).map(({ id, heading, about }) => (
          <MenuRow key={id} id={`ready:${id}`} textValue={heading}>
            <Text slot="label">{heading}</Text>
            <Text slot="description">{about}</Text>
          </MenuRow>
        ))}
      </MenuSection>
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
