import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useMemo, useState } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { whoAmI, type SessionAnswer } from '../core/api/session.ts';
import { SignIn } from './account/SignIn.tsx';
import { Client } from './api/client.ts';
import { Arrange } from './arrange/Arrange.tsx';
import { Shell } from './Shell.tsx';
import { SignedIn } from './SignedIn.tsx';
import { Boundary } from './ui/Boundary.tsx';
import { GlobalStyle } from './ui/GlobalStyle.tsx';
import { Notice } from './ui/Notice.tsx';

const Assortments = lazy(() => import('./assortments/Assortments.tsx'));

function Session({ client }: { client: Client }) {
  const session = useQuery({
    queryKey: ['session'],
    queryFn: () => client.ask(whoAmI),
    staleTime: Infinity,
    retry: 2,
  });
  const [answer, setAnswer] = useState<SessionAnswer | null>(null);
  if (session.isPending) return <Notice>Opening the studio…</Notice>;
  if (session.isError)
    return (
      <Notice action="Try again" onAction={() => void session.refetch()}>
        The server cannot be reached.
      </Notice>
    );
  const now = answer ?? session.data;
  if (!now.account) return <SignIn client={client} newStore={now.newStore ?? false} onSignedIn={setAnswer} />;
  return (
    <SignedIn
      key={now.account.email}
      client={client}
      account={now.account}
      onSignedOut={() => setAnswer({ account: null, csrf: null })}
    >
      <Shell>
        <Routes>
          <Route path="arrange/:pageId?" element={<Arrange />} />
          <Route
            path="assortments/:assortmentId?"
            element={
              <Suspense fallback={<Notice>Opening the assortments…</Notice>}>
                <Assortments />
              </Suspense>
            }
          />
          <Route path="*" element={<Navigate to="/arrange" replace />} />
        </Routes>
      </Shell>
    </SignedIn>
  );
}

/** The owner's application: the one place where it is put together. */
export function Studio() {
  const { client, queries } = useMemo(() => ({ client: new Client(), queries: new QueryClient() }), []);
  return (
    <QueryClientProvider client={queries}>
      <GlobalStyle />
      <Boundary what="The studio" tryAgainOn={[]}>
        <BrowserRouter basename="/studio" useTransitions={false}>
          <Session client={client} />
        </BrowserRouter>
      </Boundary>
    </QueryClientProvider>
  );
}
