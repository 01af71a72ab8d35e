import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { readCategories, readTitles, readVocabulary, type NamedProduct } from '../core/api/catalogue.ts';
import { readDraft, type StoredDocument } from '../core/api/draft.ts';
import { signOut as signOutContract, type Account } from '../core/api/session.ts';
import { categoryTree } from '../core/catalogue/categoryTree.ts';
import type { CategoryFacts } from '../core/catalogue/facts.ts';
import { productsNamedBy } from '../core/assortment/evaluate.ts';
import type { Vocabulary } from '../core/catalogue/vocabulary.ts';
import type { Plan } from '../core/plan/plan.ts';
import { FORMAT } from '../core/plan/formats/format.ts';
import { readDocuments } from '../core/plan/reading.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import type { Client } from './api/client.ts';
import { makeItems } from './api/items.ts';
import { makeDraft, type Draft } from './draft/draftStore.ts';
import { thisBrowser } from './draft/kept/browser.ts';
import { openKeep, type Keep } from './draft/kept/keep.ts';
import { makeSaver } from './draft/saver.ts';
import { makeShopper } from './seenBy/shopper.ts';
import { StudioContext, type Studio } from './studioContext.tsx';
import { Notice } from './ui/Notice.tsx';

interface Loaded {
  documents: StoredDocument[];
  /** What the server writes. */
  format: number;
  keep: Keep;
  categories: CategoryFacts[];
  vocabulary: Vocabulary;
  products: NamedProduct[];
}

const namedInPlan = (plan: Plan): number[] =>
  [...Object.values(plan.shelves), ...Object.values(plan.assortments)].flatMap(({ assortment }) =>
    productsNamedBy(assortment),
  );

async function load(client: Client, account: Account): Promise<Loaded> {
  const [{ documents, format }, { categories }, vocabulary] = await Promise.all([
    client.ask(readDraft),
    client.ask(readCategories),
    client.ask(readVocabulary),
  ]);
  const named = [...new Set(namedInPlan(completePlan(readDocuments(documents).plan)))];
  const { products } = named.length
    ? await client.ask(readTitles, { body: { ids: named } })
    : { products: [] };
  const keep = await openKeep(account.email, thisBrowser());
  return { documents, format, keep, categories, vocabulary, products };
}

/** The draft as stored, with what this window could not send before it was loaded again put on top. */
function openDraft({ documents, keep }: Loaded): Draft {
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
    queryFn: () => load(client, account),
    staleTime: Infinity,
    gcTime: Infinity,
  });
  if (loaded.isPending) return <Notice>Fetching your draft …</Notice>;
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
  const { keep } = loaded.data;
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
  const queries = useQueryClient();
  const draft = useMemo(() => openDraft(loaded), [loaded]);
  const items = useMemo(() => makeItems(client, queries), [client, queries]);
  const tree = useMemo(() => categoryTree(loaded.categories), [loaded]);
  const shopper = useMemo(() => makeShopper(), []);
  const { vocabulary, keep } = loaded;
  const saver = useMemo(() => makeSaver(draft, client, keep), [draft, client, keep]);
  const [titles, setTitles] = useState(() => new Map(loaded.products.map(({ id, title }) => [id, title])));
  const learnTitles = useCallback(
    (products: Loaded['products']) =>
      setTitles((known) => new Map([...known, ...products.map(({ id, title }) => [id, title] as const)])),
    [],
  );
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
  const leave = useCallback(() => void keepNow().then(signOut), [keepNow, signOut]);
  const studio = useMemo<Studio>(
    () => ({
      account,
      client,
      draft,
      items,
      tree,
      vocabulary,
      shopper,
      titles,
      learnTitles,
      saveNow,
      keep,
      keepNow,
      signOut: leave,
    }),
    [
      account,
      client,
      draft,
      items,
      tree,
      vocabulary,
      shopper,
      titles,
      learnTitles,
      saveNow,
      keep,
      keepNow,
      leave,
    ],
  );
  return <StudioContext value={studio}>{children}</StudioContext>;
}
