import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { BrowserRouter } from 'react-router';
import { whoAmI, type SessionAnswer } from '../core/api/session.ts';
import { SignIn } from './account/SignIn.tsx';
import { Client } from './api/client.ts';
import { fetchArrange } from './fetchArrange.ts';
import { Boundary } from './ui/Boundary.tsx';
import { GlobalStyle } from './ui/GlobalStyle.tsx';
import { Notice } from './ui/Notice.tsx';

const fetchPlaces = () => import('./Places.tsx');
const Places = lazy(fetchPlaces);

function Session({ client }: { client: Client }) {
  const session = useQuery({
    queryKey: ['session'],
    queryFn: () => client.ask(whoAmI),
    staleTime: Infinity,
    retry: 2,
  });
  const [answer, setAnswer] = useState<SessionAnswer | null>(null);
  // Fetched beside the question who is signed in, not after it. One that fails is asked for again when it is drawn.
  useEffect(() => {
    void fetchPlaces().catch(() => undefined);
    void fetchArrange().catch(() => undefined);
  }, []);
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
    <Suspense fallback={<Notice>Opening the studio…</Notice>}>
      <Places
        key={now.account.email}
        client={client}
        account={now.account}
        onSignedOut={() => setAnswer({ account: null, csrf: null })}
      />
    </Suspense>
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
