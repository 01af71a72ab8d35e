import { lazy, Suspense } from 'react';
import { MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { AddButton } from '../../ui/Button.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';

const AddBayMenu = lazy(() => import('./AddBayMenu.tsx').then((module) => ({ default: module.AddBayMenu })));

const Add = styled(AddButton)`
  margin: 2px 10px 0;
  width: 129px;
`;

export function AddBay() {
  return (
    <MenuTrigger>
      <Add>Add a bay</Add>
      <PopoverBox>
        <Suspense fallback={<p>Opening…</p>}>
          <AddBayMenu />
        </Suspense>
      </PopoverBox>
    </MenuTrigger>
  );
}
