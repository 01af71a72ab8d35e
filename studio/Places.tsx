import { lazy, Suspense } from 'react';
import { Route, Routes } from 'react-router';
import type { Account } from '../core/api/session.ts';
import type { Client } from './api/client.ts';
import { ImportFollowed } from './api/importState.ts';
import { StoreFollowed } from './catalogue/wholeStore/useWholeStore.ts';
import { fetchArrange } from './fetchArrange.ts';
import { Shell } from './Shell.tsx';
import { SignedIn } from './SignedIn.tsx';
import { FirstPlace } from './setUp/FirstPlace.tsx';
import { Notice } from './ui/Notice.tsx';

const Arrange = lazy(fetchArrange);
const Catalogue = lazy(() => import('./catalogue/Catalogue.tsx'));
const HouseStyle = lazy(() => import('./style/HouseStyle.tsx'));
const Outbox = lazy(() => import('./outbox/Outbox.tsx'));
const SetUp = lazy(() => import('./setUp/SetUp.tsx'));
const Assortments = lazy(() => import('./assortments/Assortments.tsx'));

interface PlacesProps {
  client: Client;
  account: Account;
  onSignedOut(): void;
}

/** The places of whoever has signed in, each fetched when it is opened. */
export default function Places(props: PlacesProps) {
  return (
    <SignedIn {...props}>
      <ImportFollowed />
      <StoreFollowed />
      <Shell>
        <Suspense fallback={<Notice>Opening this place…</Notice>}>
          <Routes>
            <Route path="arrange/:pageId?" element={<Arrange />} />
            <Route path="assortments/:assortmentId?" element={<Assortments />} />
            <Route path="catalogue/*" element={<Catalogue />} />
            <Route path="house-style/:elementId?" element={<HouseStyle />} />
            <Route path="outbox/:messageId?" element={<Outbox />} />
            <Route path="set-up/:stepId?" element={<SetUp />} />
            <Route path="*" element={<FirstPlace />} />
          </Routes>
        </Suspense>
      </Shell>
    </SignedIn>
  );
}
