import { lazy, Suspense } from 'react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { Bands } from '../../../core/bands/bands.ts';
import { Button } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';
import { sightCount } from './stands.ts';
import { useStore } from 'zustand';
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
const WidthsShownSheet = lazy(() => import('./WidthsShownSheet.tsx'));

/** How many widths are shown; opens the choice of them. */
export function WidthsShown({ bands }: { bands: Bands }) {
  const { shown } = useStore(sightCount);
  return (
    <DialogTrigger>
      <Button>
        Widths: {shown} of {bands.length}
      </Button>
      <PopoverBox placement="top end">
        <Sheet aria-label="Widths shown">
          <Suspense fallback={<p>Opening…</p>}>
            <WidthsShownSheet bands={bands} />
          </Suspense>
        </Sheet>
      </PopoverBox>
    </DialogTrigger>
  );
}
