import { readTitles } from '../../core/api/catalogue.ts';
import { lazy, Suspense, useEffect } from 'react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { useStore } from 'zustand';
import { useStudio } from '../studioContext.tsx';
import { BarButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import { PopoverBox } from '../ui/Pick.tsx';

const Box = styled(Dialog)`
  outline: none;
  padding: 12px 14px;
  width: 310px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  p {
    color: ${t.ink2};
  }
`;

/** Fetched once it is opened. */
const ShopperChoice = lazy(() => import('./ShopperChoice.tsx'));

/** The shopper who is played: what context-bound choices show in the frames follows. */
export function SeenBy() {
  const { shopper, client, learnTitles } = useStudio();
  const { returning, lookedAt, product } = useStore(shopper);
  const ids = JSON.stringify([...lookedAt, ...(product === null ? [] : [product])]);
  useEffect(() => {
    const named = JSON.parse(ids) as number[];
    if (named.length)
      void client.ask(readTitles, { body: { ids: named } }).then(
        ({ products }) => learnTitles(products),
        () => undefined,
      );
  }, [ids, client, learnTitles]);
  return (
    <DialogTrigger>
      <BarButton aria-label={`Seen by: ${returning ? 'returning' : 'new'} shopper`}>
        <span className="word">Seen by:</span> {returning ? 'returning shopper' : 'new shopper'}
      </BarButton>
      <PopoverBox>
        <Box aria-label="Seen by">
          <Suspense fallback={<p>Opening…</p>}>
            <ShopperChoice />
          </Suspense>
        </Box>
      </PopoverBox>
    </DialogTrigger>
  );
}
