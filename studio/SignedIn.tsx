import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { categoryTree } from '../core/catalogue/categoryTree.ts';
import type { CategoryFacts } from '../core/catalogue/facts.ts';
import { productsNamedBy } from '../core/assortment/evaluate.ts';
import type { Vocabulary } from '../core/catalogue/vocabulary.ts';
import type { Plan } from '../core/plan/plan.ts';
import { readDocuments } from '../core/plan/reading.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import type { Client } from './api/client.ts';
import { makeItems } from './api/items.ts';
import { makeDraft, type Draft, type StoredDocument } from './draft/draftStore.ts';
import { readKept, startSaving, type Keep } from './draft/saver.ts';
import { makeShopper } from './seenBy/shopper.ts';
import { StudioContext, type Account, type Studio } from './studioContext.tsx';
import { Notice } from './ui/Notice.tsx';

const KEEP = 'wide-shelf-unsent';

const browserKeep: Keep = {
  read: () => localStorage.getItem(KEEP),
  write: (text) => (text === null ? localStorage.removeItem(KEEP) : localStorage.setItem(KEEP, text)),
};

interface Loaded {
  documents: StoredDocument[];
  categories: CategoryFacts[];
  vocabulary: Vocabulary;
  products: { id: number; title: string }[];
}

const namedInPlan = (plan: Plan): number[] =>
  [...Object.values(plan.shelves), ...Object.values(plan.assortments)].flatMap(({ assortment }) =>
    productsNamedBy(assortment),
  );

async function load(client: Client): Promise<Loaded> {
  const [{ documents }, { categories }, vocabulary] = await Promise.all([
    client.get<{ documents: StoredDocument[] }>('/api/draft'),
    client.get<{ categories: CategoryFacts[] }>('/api/categories'),
    client.get<Vocabulary>('/api/vocabulary'),
  ]);
  const named = [...new Set(namedInPlan(completePlan(readDocuments(documents).plan)))];
  const { products } = named.length
    ? await client.get<{ products: Loaded['products'] }>(`/api/products?named=${named.join(',')}`)
    : { products: [] };
  return { documents, categories, vocabulary, products };
}

/** The draft as stored, with what an earlier window could not send put on top. */
function openDraft(documents: readonly StoredDocument[]): Draft {
  const versions = Object.fromEntries(documents.map(({ key, version }) => [key, version]));
  const savedAt =
    documents
      .map((one) => one.savedAt ?? '')
      .sort()
      .at(-1) ?? null;
  const draft = makeDraft(readDocuments(documents).plan, versions, savedAt, Date.now);
  const kept = readKept(browserKeep);
  if (kept.length) draft.takeUp(kept);
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
    queryFn: () => load(client),
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
  const signOut = () => {
    void client.delete('/api/session').catch(() => undefined);
    queries.clear();
    onSignedOut();
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
  const draft = useMemo(() => openDraft(loaded.documents), [loaded]);
  const items = useMemo(() => makeItems(client, queries), [client, queries]);
  const tree = useMemo(() => categoryTree(loaded.categories), [loaded]);
  const shopper = useMemo(() => makeShopper(), []);
  const { vocabulary } = loaded;
  const [titles, setTitles] = useState(() => new Map(loaded.products.map(({ id, title }) => [id, title])));
  const [saveNow, setSaveNow] = useState<() => Promise<void>>(() => async () => undefined);
  const learnTitles = useCallback(
    (products: Loaded['products']) =>
      setTitles((known) => new Map([...known, ...products.map(({ id, title }) => [id, title] as const)])),
    [],
  );
  useEffect(() => {
    const saving = startSaving(draft, client, browserKeep);
    setSaveNow(() => saving.now);
    if (draft.unsaved().length) void saving.now();
    return () => saving.stop();
  }, [draft, client]);
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
      signOut,
    }),
    [account, client, draft, items, tree, vocabulary, shopper, titles, learnTitles, saveNow, signOut],
  );
  return <StudioContext value={studio}>{children}</StudioContext>;
}
