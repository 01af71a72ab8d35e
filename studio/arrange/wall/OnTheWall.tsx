import { lazy, Suspense } from 'react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { Bands } from '../../../core/bands/bands.ts';
import { Button } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';
import { PopoverBox } from '../../ui/Pick.tsx';

const Sheet = styled(Dialog)`
  padding: 10px 12px;
  outline: none;
  display: grid;
  grid-template-columns: auto auto;
  gap: 8px 18px;
  p {
    grid-column: 1 / -1;
    color: ${t.ink2};
  }
`;

/** Fetched once it is opened. */
const OnTheWallSheet = lazy(() => import('./OnTheWallSheet.tsx'));

/** Opens the choice of the bands that stand on the wall. */
export function OnTheWall({ bands }: { bands: Bands }) {
  return (
    <DialogTrigger>
      <Button>On the wall</Button>
      <PopoverBox placement="top end">
        <Sheet aria-label="On the wall">
          <Suspense fallback={<p>Opening…</p>}>
            <OnTheWallSheet bands={bands} />
          </Suspense>
        </Sheet>
      </PopoverBox>
    </DialogTrigger>
  );
}
