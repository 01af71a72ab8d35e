import { useQuery } from '@tanstack/react-query';
import { useStore } from 'zustand';
import type { PictureFacts, ProductDetail } from '../../core/catalogue/facts.ts';
import type { Page } from '../../core/plan/page.ts';
import { viewWith, type PageAddress } from '../../core/view/pageView.ts';
import type { PageView } from '../../core/view/view.ts';
import { useDraft, useStudio } from '../studioContext.tsx';

/** A category page needs a category to be shown with: the fullest of the first level. */
function specimenCategory(page: Page, tree: ReturnType<typeof useStudio>['tree']) {
  if (page.kind !== 'category') return null;
  return [...tree.roots].sort((a, b) => b.products - a.products)[0] ?? null;
}

const noPictures: PictureFacts[] = [];
const HERE: PageAddress = { path: '#', from: {} };

/** The view of a page of the draft, made here and now; items that are not known yet are asked for meanwhile. */
export function usePageView(page: Page): PageView {
  const { tree, items, client } = useStudio();
  const plan = useDraft((state) => state.plan);
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
    queryKey: ['specimen'],
    queryFn: () =>
      client.get<{ product: ProductDetail | null }>('/api/specimen').then((answer) => answer.product),
    enabled: page.kind === 'product',
    staleTime: 60_000,
  });
  const category = specimenCategory(page, tree);
  return viewWith(
    {
      plan,
      page,
      now: Date.now(),
      tree,
      pictures: (id) => pictures.find((picture) => picture.id === id),
      address: HERE,
      product: page.kind === 'product' ? product : null,
      categoryId: category?.id ?? null,
    },
    (request) => answer(request, category?.slug ?? null),
  );
}
