import { Menu, MenuSection } from 'react-aria-components';
import { bayKind, bayKinds, type StoredBay } from '../../../core/bays/index.ts';
import { isEdge } from '../../../core/pages/index.ts';
import { lowered } from '../../../core/sentence/sentence.ts';
import { useDraft } from '../../studioContext.tsx';
import { MenuHeading, MenuRow } from '../../ui/MenuRow.tsx';
import { useArranging } from '../arrangeContext.tsx';
import {
  addableTo,
  LIBRARY_GROUPS,
  libraryBays,
  madeFrom,
  type LibraryGroup,
} from '../library/libraryBays.ts';
import { useAddBay } from '../library/useAddBay.ts';
import { newId } from './newId.ts';

/** Adds an empty bay; to the header or the footer, which have no library, also one that was saved or stands in the other. */
export function AddBayMenu({ at }: { at: number }) {
  const { page } = useArranging();
  const plan = useDraft((state) => state.plan);
  const stored = useDraft((state) => state.draft);
  const add = useAddBay();
  const fits = addableTo(page);
  const copies = isEdge(page) ? libraryBays(stored, plan.house.bands, page) : [];
  const groups = (Object.keys(LIBRARY_GROUPS) as LibraryGroup[])
    .map((group) => ({ group, bays: copies.filter((one) => one.group === group) }))
    .filter(({ bays }) => bays.length > 0);
  const addNew = (holds: string) => {
    const { bay, shelves } = bayKind(holds).atFirst(newId(holds, plan));
    add({ bay: bay as StoredBay, shelves }, at);
  };
  return (
    <Menu
      aria-label="Add a bay"
      onAction={(key) => {
        const copy = copies.find(({ id }) => id === key);
        if (copy) add(madeFrom(copy, plan), at);
        else addNew(String(key));
      }}
    >
      <MenuSection>
        <MenuHeading>Empty</MenuHeading>
        {bayKinds
          .filter(({ id }) => fits({ holds: id }))
          .map(({ id, name }) => (
            <MenuRow key={id} id={id}>
              {name}
            </MenuRow>
          ))}
      </MenuSection>
      {groups.map(({ group, bays }) => (
        <MenuSection key={group}>
          <MenuHeading>{LIBRARY_GROUPS[group]}</MenuHeading>
          {bays.map(({ id, name, about }) => (
            <MenuRow key={id} id={id}>
              {name}, {lowered(about)}
            </MenuRow>
          ))}
        </MenuSection>
      ))}
    </Menu>
  );
}
