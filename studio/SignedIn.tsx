import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, type ReactNode } from 'react';
import { readTitles, type NamedProduct } from '../core/api/catalogue.ts';
import { readDraft, type StoredDocument } from '../core/api/draft.ts';
import { signOut as signOutContract, type Account } from '../core/api/session.ts';
import { readTypefaces } from '../core/api/typefaces.ts';
import { FORMAT } from '../core/plan/formats/format.ts';
import { readDocuments } from '../core/plan/reading.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import type { Client } from './api/client.ts';
import { makeGoodsWriter } from './api/goodsWriter.ts';
import { makeDraftWriter, makeEntryWriter } from './api/entryWriter.ts';
import { makeGroupingWriter } from './api/groupingWriter.ts';
import { readKnown, useKnown, type Known } from './api/known.ts';
import { makeItems } from './api/items.ts';
import { takeOwnTypefaces } from './api/ownTypefaces.ts';
import { makeUploads } from './api/uploads.ts';
import { makeDraft, type Draft } from './draft/draftStore.ts';
import { thisBrowser } from './draft/kept/browser.ts';
import { openKeep, type Keep } from './draft/kept/keep.ts';
import { makeSaver, type Saver } from './draft/saver.ts';
import { namedInPlan, useTitles } from './namedTitles.ts';
import { makeShopper } from './seenBy/shopper.ts';
import { StudioContext, type Studio } from './studioContext.tsx';
import { Notice } from './ui/Notice.tsx';

/** What is made once when somebody has signed in, and stays the same from then on. */
type Made = Pick<
  Studio,
  'draft' | 'goods' | 'groupings' | 'entries' | 'entryDrafts' | 'items' | 'uploads' | 'keep' | 'shopper'
> & {
  saver: Saver;
};

interface Loaded {
  made: Made;
  known: Known;
  /** What the server writes. */
  format: number;
  products: NamedProduct[];
}

async function load(client: Client, queries: QueryClient, account: Account): Promise<Loaded> {
  const [{ documents, format }, known, { families }] = await Promise.all([
    client.ask(readDraft),
    readKnown(client),
    client.ask(readTypefaces),
  ]);
  takeOwnTypefaces(families);
  const named = namedInPlan(completePlan(readDocuments(documents).plan));
  const { products } = named.length
    ? await client.ask(readTitles, { body: { ids: named } })
    : { products: [] };
  const keep = await openKeep(account.email, thisBrowser());
  const draft = openDraft(documents, keep);
  const made = {
    draft,
    items: makeItems(client, queries),
    goods: makeGoodsWriter(client, queries),
    groupings: makeGroupingWriter(client, queries),
    entries: makeEntryWriter(client, queries),
    entryDrafts: makeDraftWriter(client, queries),
    uploads: makeUploads(client, queries),
    keep,
    saver: makeSaver(draft, client, keep),
    shopper: makeShopper(),
  };
  return { made, known, format, products };
}

/** The draft as stored, with what this window could not send before it was loaded again put on top. */
function openDraft(documents: readonly StoredDocument[], keep: Keep): Draft {
  const versions = Object.fromEntries(documents.map(({ key, version }) => [key, version]));
  const savedAt =
    documents
      .map((one) => one.savedAt ?? '')
      .sort()
      .at(-1) ?? null;
  const { plan, unreadable } = readDocuments(documents);
  const draft = makeDraft(plan, versions, savedAt, Date.now, unreadable);
  if (keep.own.length && draft.takeUp(keep.own).length) void keep.setAside();
  return draft;
}

interface SignedInProps {
  client: Client;
  account: Account;
  onSignedOut(): void;
  children: ReactNode;
}

/** Opens the draft and the catalogue, and saves by itself from then on. */
export function SignedIn({ client, account, onSignedOut, children }: SignedInProps) {
  const queries = useQueryClient();
  const loaded = useQuery({
    queryKey: ['studio'],
    queryFn: () => load(client, queries, account),
    staleTime: Infinity,
    gcTime: Infinity,
  });
  if (loaded.isPending) return <Notice>Fetching your draft…</Notice>;
  if (loaded.isError)
    return (
      <Notice action="Try again" onAction={() => void loaded.refetch()}>
        Your draft could not be fetched: {loaded.error.message}
      </Notice>
    );
  if (loaded.data.format > FORMAT)
    return (
      <Notice action="Load again" onAction={() => location.reload()}>
        Wide Shelf was updated. Load this page again.
      </Notice>
    );
  const { keep } = loaded.data.made;
  const signOut = () => {
    void client.ask(signOutContract).catch(() => undefined);
    queries.clear();
    onSignedOut();
    void keep.close();
  };
  return (
    <Opened client={client} account={account} loaded={loaded.data} signOut={signOut}>
      {children}
    </Opened>
  );
}

function Opened({
  client,
  account,
  loaded,
  signOut,
  children,
}: Omit<SignedInProps, 'onSignedOut'> & { loaded: Loaded; signOut(): void }) {
  const { saver, ...made } = loaded.made;
  const known = useKnown(client, loaded.known);
  const { titles, learnTitles } = useTitles(made.draft, client, loaded.products);
  useEffect(() => {
    const stop = saver.start();
    // A window that ends keeps what it has not kept yet.
    const keepAtOnce = () => void saver.keepNow();
    window.addEventListener('pagehide', keepAtOnce);
    return () => {
      window.removeEventListener('pagehide', keepAtOnce);
      stop();
    };
  }, [saver]);
  const { now: saveNow, keepNow } = saver;
  // What was done last is kept for whoever did it.
  const leave = () => void keepNow().then(signOut);
  const studio: Studio = {
    ...made,
    ...known,
    account,
    client,
    titles,
    learnTitles,
    saveNow,
    keepNow,
    signOut: leave,
  };
  return <StudioContext value={studio}>{children}</StudioContext>;
}
