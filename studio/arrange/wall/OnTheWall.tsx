import { lazy, Suspense } from 'react';
import { DialogTrigger } from 'react-aria-components';
import type { Bands } from '../../../core/bands/bands.ts';
import { Button } from '../../ui/Button.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';

/** Fetched once it is opened. */
const OnTheWallSheet = lazy(() => import('./OnTheWallSheet.tsx'));

/** Opens the choice of the bands that stand on the wall. */
export function OnTheWall({ bands }: { bands: Bands }) {
  return (
    <DialogTrigger>
      <Button>On the wall</Button>
      <PopoverBox placement="top end">
        <Suspense fallback={<p>Opening…</p>}>
          <OnTheWallSheet bands={bands} />
        </Suspense>
      </PopoverBox>
    </DialogTrigger>
  );
}
