import { lazy, Suspense } from 'react';
import { Button, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';

const AddBayMenu = lazy(() => import('./AddBayMenu.tsx').then((module) => ({ default: module.AddBayMenu })));

const Add = styled(Button)`
  margin: 2px 10px 0;
  border: 1px dashed ${t.edge};
  border-radius: ${t.corner};
  background: none;
  min-height: 32px;
  color: ${t.pine};
  font-weight: 600;
  cursor: pointer;
  width: 129px;
`;

export function AddBay() {
  return (
    <MenuTrigger>
      <Add>Add a bay</Add>
      <PopoverBox>
        <Suspense fallback={<p>Opening …</p>}>
          <AddBayMenu />
        </Suspense>
      </PopoverBox>
    </MenuTrigger>
  );
}
