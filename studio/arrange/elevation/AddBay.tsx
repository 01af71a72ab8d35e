import { lazy, Suspense, useEffect, useRef } from 'react';
import { MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { isEdge } from '../../../core/pages/index.ts';
import { AddButton } from '../../ui/Button.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { useArranging } from '../arrangeContext.tsx';

const AddBayMenu = lazy(() => import('./AddBayMenu.tsx').then((module) => ({ default: module.AddBayMenu })));

const Add = styled(AddButton)`
  margin: 2px 10px 0;
  width: 129px;
`;

/** Opens the library; in the header or the footer, for which there is none, a list of what can stand there. */
export function AddBay() {
  const { page, bay: chosen, adding, add } = useArranging();
  const button = useRef<HTMLButtonElement>(null);
  const was = useRef(adding);
  const below = chosen ? page.bays.findIndex(({ id }) => id === chosen.id) + 1 : page.bays.length;
  // Where the keyboard was before the library opened, unless something else has taken it.
  useEffect(() => {
    if (was.current !== null && adding === null && document.activeElement === document.body)
      button.current?.focus();
    was.current = adding;
  }, [adding]);
  if (!isEdge(page))
    return (
      <Add ref={button} aria-expanded={adding !== null} onPress={() => add(adding === null ? below : null)}>
        Add a bay
      </Add>
    );
  return (
    <MenuTrigger>
      <Add>Add a bay</Add>
      <PopoverBox>
        <Suspense fallback={<p>Opening…</p>}>
          <AddBayMenu at={below} />
        </Suspense>
      </PopoverBox>
    </MenuTrigger>
  );
}
