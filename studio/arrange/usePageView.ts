import { useQuery } from '@tanstack/react-query';
import { useStore } from 'zustand';
import type { EntryDetail, PictureFacts, ProductDetail } from '../../core/catalogue/facts.ts';
import type { Page } from '../../core/plan/page.ts';
import type { PageOf } from '../../core/plan/pageKinds.ts';
import { viewWith, type PageAddress } from '../../core/view/pageView.ts';
import type { PageView } from '../../core/view/view.ts';
import type { SeenBy } from '../api/items.ts';
import { lookedAtBy, type Shopper } from '../seenBy/shopper.ts';
import { useDraft, useStudio, type Studio } from '../studioContext.tsx';

/** A page for every category or collection is shown with the chosen one, or the fullest. */
function specimens(page: Page, { tree, vocabulary }: Studio, shopper: Shopper) {
  const fullest = <T extends { products: number }>(all: readonly T[]) =>
    [...all].sort((a, b) => b.products - a.products)[0] ?? null;
  const category =
    page.kind === 'category'
      ? (shopper.category && tree.byId(shopper.category)) || fullest(tree.roots)
      : null;
  const collection =
    page.kind === 'collection'
      ? (vocabulary.collections.find(({ id }) => id === shopper.collection) ??
        fullest(vocabulary.collections))
      : null;
  return { category, collection };
}

const noPictures: PictureFacts[] = [];

/** Where the page stands in public, with what it is shown with. */
const pathOf: Record<PageOf, (slug: string) => string> = {
  home: () => '/',
  shop: () => '/shop',
  journal: () => '/journal',
  category: (slug) => `/category/${slug}`,
  collection: (slug) => `/collection/${slug}`,
  product: (slug) => `/product/${slug}`,
  entry: (slug) => `/journal/${slug}`,
};

const addresses = new Map<string, PageAddress>();

/** The same object for the same place, so that views of bays are kept, by whoever they are asked for. */
function addressOf(path: string): PageAddress {
  let address = addresses.get(path);
  if (!address) addresses.set(path, (address = { path, from: {} }));
  return address;
}

/** The view of a page of the draft, made here and now; items that are not known yet are asked for meanwhile. */
export function usePageView(page: Page): PageView {
  const studio = useStudio();
  const { tree, items, client } = studio;
  const plan = useDraft((state) => state.plan);
  const shopper = useStore(studio.shopper);
  const answer = useStore(items, (state) => state.answer);
  const pictureIds = page.bays.flatMap((bay) =>
    bay.holds === 'banner' && bay.pictureId ? [bay.pictureId] : [],
  );
  const named = pictureIds.join(',');
  const { data: pictures = noPictures } = useQuery({
    queryKey: ['pictures', named],
    queryFn: () =>
      client
        .get<{ pictures: PictureFacts[] }>(`/api/pictures?named=${named}`)
        .then((answer) => answer.pictures),
    enabled: named !== '',
    staleTime: Infinity,
    placeholderData: (before) => before,
  });
  const { data: product = null } = useQuery({
    queryKey: ['specimen', shopper.product],
    queryFn: () =>
      client
        .get<{ product: ProductDetail | null }>(
          `/api/specimen${shopper.product === null ? '' : `?named=${shopper.product}`}`,
        )
        .then((answer) => answer.product),
    enabled: page.kind === 'product',
    staleTime: 60_000,
  });
  const { data: entry = null } = useQuery({
    queryKey: ['specimen entry'],
    queryFn: () =>
      client.get<{ entry: EntryDetail | null }>('/api/specimen/entry').then((answer) => answer.entry),
    enabled: page.kind === 'entry',
    staleTime: 60_000,
  });
  const { category, collection } = specimens(page, studio, shopper);
  const seenBy: SeenBy = {
    category: category?.slug ?? null,
    collection: collection?.slug ?? null,
    product: page.kind === 'product' ? (product?.id ?? null) : null,
    lookedAt: lookedAtBy(shopper),
  };
  const about = { category, collection, product, entry, home: null, shop: null, journal: null }[page.kind];
  return viewWith(
    {
      plan,
      page,
      now: Date.now(),
      tree,
      pictures: (id) => pictures.find((picture) => picture.id === id),
      address: addressOf(pathOf[page.kind](about?.slug ?? '')),
      product: page.kind === 'product' ? product : null,
      entry: page.kind === 'entry' ? entry : null,
      categoryId: category?.id ?? null,
      collection,
    },
    (request) => answer(request, seenBy),
  );
}
