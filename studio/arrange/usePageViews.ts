import { useQuery } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { useStore } from 'zustand';
import { facesHeld, whenFaceComes } from '../../core/text/faces.ts';
import { usePictures } from '../api/usePictureSearch.ts';
import type { Plan } from '../../core/plan/plan.ts';
import type { Page } from '../../core/plan/page.ts';
import { pageKind, pagePath } from '../../core/pages/index.ts';
import type { About, PageKind } from '../../core/pages/pageKind.ts';
import { picturesNamed } from '../../core/plan/picturesNamed.ts';
import type { PageAddress } from '../../core/view/address.ts';
import { viewWith } from '../../core/view/driveView.ts';
import type { PageView } from '../../core/view/view.ts';
import type { SeenBy } from '../../core/api/assortments.ts';
import { inList, orderOf } from '../../core/shopper/order.ts';
import { findProducts, specimenBasket, specimenEntry, specimenProduct } from '../../core/api/catalogue.ts';
import { nothingSearched } from '../../core/search/found.ts';
import { withMostProducts } from '../seenBy/withMostProducts.ts';
import { lookedAtBy, type Shopper } from '../seenBy/shopper.ts';
import { useDraft, useStudio, type Studio } from '../studioContext.tsx';
import { useNow } from '../useNow.ts';
import type { Way } from './arrangeContext.tsx';

type Needs = PageKind['needs'];

/** A page for every category or collection is shown with the chosen one, or the one with most products. */
function specimens(page: Page, needs: Needs, { tree, vocabulary }: Studio, shopper: Shopper): About {
  // What is arranged for one thing is shown with that.
  const [category, collection] = [page.about ?? shopper.category, page.about ?? shopper.collection];
  if (needs === 'category')
    return { category: (category !== null && tree.byId(category)) || withMostProducts(tree.roots) };
  if (needs !== 'collection') return {};
  const chosen = vocabulary.collections.find(({ id }) => id === collection);
  return { collection: chosen ?? withMostProducts(vocabulary.collections) };
}

/** So many products are kept for later by whoever the page of them is shown with. */
const EXAMPLES_SAVED = 6;
const noIds: readonly number[] = [];
const nothing: About = {};

/** The slug of what a page is shown with; empty where that has none. */
const slugOf = (about: object | null | undefined): string =>
  about && 'slug' in about ? String(about.slug) : '';

const addresses = new Map<string, PageAddress>();

/** The same object for the same place, so that views of bays are kept, by whoever they are asked for. */
function addressOf(path: string, open: PageAddress['open']): PageAddress {
  const key = JSON.stringify([path, open]);
  let address = addresses.get(key);
  if (!address) addresses.set(key, (address = { path, from: {}, open }));
  return address;
}

/**
 * The view of a page of the draft, made here and now, and that of the page with another way of a shelf; where nothing is
 * tried they are one. `tried` stands for the plan of the draft, and `given` for what the page is about. Items that are not known yet are asked for meanwhile.
 */
export function usePageViews(
  page: Page,
  other: Page,
  open: PageAddress['open'],
  tried?: Plan,
  given: About = nothing,
): Readonly<Record<Way, PageView>> {
  const studio = useStudio();
  const { tree, items, client } = studio;
  const drafted = useDraft((state) => state.plan);
  const plan = tried ?? drafted;
  const shopper = useStore(studio.shopper);
  const answer = useStore(items, (state) => state.answer);
  // What a face has measured is made again once its widths are here.
  useSyncExternalStore(whenFaceComes, facesHeld);
  const now = useNow();
  const kind = pageKind(page.kind);
  const pictureIds = picturesNamed(page, plan);
  const { pictures } = usePictures(pictureIds);
  const productId = page.about ?? shopper.product;
  const { data: specimen } = useQuery({
    queryKey: ['specimen', productId],
    queryFn: () => client.ask(specimenProduct, { query: { id: String(productId ?? '') } }),
    enabled: kind.needs === 'product',
    staleTime: 60_000,
  });
  const { data: entry = null } = useQuery({
    queryKey: ['specimen entry', page.about],
    queryFn: () =>
      client.ask(specimenEntry, { query: { id: String(page.about ?? '') } }).then((answer) => answer.entry),
    enabled: kind.needs === 'entry',
    staleTime: 60_000,
  });
  const { data: basket = null } = useQuery({
    queryKey: ['specimen basket'],
    queryFn: () => client.ask(specimenBasket).then((answer) => answer.basket),
    enabled: kind.needs === 'basket' || kind.needs === 'order' || kind.needs === 'account',
    staleTime: 60_000,
  });
  const { data: saved = noIds } = useQuery({
    queryKey: ['specimen saved'],
    queryFn: () =>
      client
        .ask(findProducts, { query: { words: '' } })
        .then(({ products }) => products.slice(0, EXAMPLES_SAVED).map(({ id }) => id)),
    enabled: kind.needs === 'saved' || kind.needs === 'account',
    staleTime: 60_000,
  });
  const about: About = {
    ...specimens(page, kind.needs, studio, shopper),
    ...(kind.needs === 'product' && {
      product: specimen?.product ?? null,
      neighbours: specimen?.neighbours ?? null,
    }),
    ...(kind.needs === 'entry' && { entry }),
    ...(kind.needs === 'basket' && { basket }),
    ...(kind.needs === 'saved' && { saved }),
    ...(kind.needs === 'search' && {
      search: { ...nothingSearched, words: shopper.search || (withMostProducts(tree.roots)?.name ?? '') },
    }),
    ...(kind.needs === 'order' && { order: basket && orderOf(1, basket) }),
    ...(kind.needs === 'account' && {
      saved,
      account: { orders: basket ? [inList(orderOf(1, basket), { token: 'example', placedAt: now })] : [] },
    }),
    ...given,
  };
  const seenBy: SeenBy = {
    category: about.category?.slug ?? null,
    collection: about.collection?.slug ?? null,
    product: about.product?.id ?? null,
    lookedAt: lookedAtBy(shopper),
    ...(about.saved && { saved: about.saved }),
    ...(about.search && { search: about.search.words }),
  };
  const slug = kind.many ? page.slug : slugOf(kind.needs && about[kind.needs]);
  const viewOf = (one: Page) =>
    viewWith(
      {
        plan,
        page: one,
        now,
        tree,
        collections: studio.vocabulary.collections,
        pictures: (id) => pictures.find((picture) => picture.id === id),
        // A bay is arranged before its time comes, and after it.
        atAnyTime: true,
        address: addressOf(pagePath(kind, slug), open),
        about,
      },
      (request) => answer(request, seenBy),
    );
  const asItIs = viewOf(page);
  return { asItIs, other: other === page ? asItIs : viewOf(other) };
}
