import type { BayView, PageView } from './view.ts';

type Edged = Pick<PageView, 'bays' | 'head' | 'foot'>;

/** Every bay that a page draws, from the top down: of the header, its own, of the footer. */
export const allBays = ({ head, bays, foot }: Edged): readonly BayView[] => [
  ...(head?.bays ?? []),
  ...bays,
  ...(foot?.bays ?? []),
];

const edges = new WeakMap<PageView, Map<string, PageView>>();

/** The page that is arranged, for whoever looks at its bays: the view itself, or its header or footer alone. */
export function edgeView(view: PageView, pageId: string): PageView {
  const edge = [view.head, view.foot].find((one) => one?.pageId === pageId);
  if (!edge) return view;
  const known = edges.get(view) ?? new Map<string, PageView>();
  edges.set(view, known);
  const found = known.get(pageId) ?? {
    ...view,
    pageId,
    kind: edge.kind,
    bays: [...edge.bays],
    head: null,
    foot: null,
  };
  known.set(pageId, found);
  return found;
}
