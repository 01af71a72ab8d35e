import type { Bands } from '../bands/bands.ts';
import type { HardCase } from '../card/hardCase.ts';
import type { Item } from '../card/item.ts';
import { partKind } from '../card/parts/index.ts';
import { everShown } from '../card/shown.ts';
import { cardHeight } from '../view/cardHeight.ts';
import type { CardView, ShelfView, StepView } from '../view/view.ts';
import type { HardCounts } from './hardCounts.ts';

/** An item on which a card is likely to fail, and why. */
export interface Hard {
  /** Of the case. */
  id: string;
  name: string;
  /** The item's place among the candidates. */
  at: number;
  said: string;
  /** How many items are of the kind, where that is known. */
  counted?: keyof HardCounts;
}

const stockOf = (item: Item) => (item.of === 'products' ? item.product.stock : null);

/** Ways of being hard that belong to no part. */
const ofItems: readonly HardCase<object>[] = [
  {
    id: 'sold-out',
    name: 'Sold out',
    hardness: (_, item) => (stockOf(item)?.state === 'out' ? 0 : null),
    said: () => 'none left',
    counted: 'soldOut',
  },
  {
    id: 'low-stock',
    name: 'Low stock',
    hardness: (_, item) => (stockOf(item)?.state === 'last' ? -(stockOf(item)!.count ?? 0) : null),
    said: (_, item) => `${stockOf(item)!.count ?? 'few'} left`,
  },
];

interface Candidate {
  item: Item;
  card: CardView;
}

/** The hardest of the candidates; undefined where none is hard in this way. */
function hardest(
  candidates: readonly Candidate[],
  hardness: (candidate: Candidate) => number | null,
): { at: number; hardness: number } | undefined {
  let found: { at: number; hardness: number } | undefined;
  candidates.forEach((candidate, at) => {
    const own = hardness(candidate);
    if (own !== null && (!found || own > found.hardness)) found = { at, hardness: own };
  });
  return found;
}

/**
 * The items on which a card is likeliest to fail, one for each way in which one can be hard for a part that the card
 * shows or for the card as a whole (definitions §7).
 * @param candidates items of the shelf with their cards
 * @param cardPx width of a card at this step, px
 */
export function hardCases(
  { card: settings }: Pick<ShelfView, 'card'>,
  step: StepView,
  bands: Bands,
  cardPx: number,
  candidates: readonly Candidate[],
): Hard[] {
  const ofParts = settings.order
    .filter((part) => everShown(settings, part))
    .flatMap((part) => (partKind(part)?.hard ?? []).map((one) => ({ one, part })));
  const all: readonly { one: HardCase<object>; part: string | null }[] = [
    ...ofParts,
    ...ofItems.map((one) => ({ one, part: null })),
  ];
  const named = all.flatMap(({ one, part }): Hard[] => {
    const viewOf = ({ card }: Candidate) => card.parts.find((view) => view.part === part) ?? null;
    const found = hardest(candidates, (candidate) =>
      one.hardness(viewOf(candidate), candidate.item, step.picture),
    );
    if (!found) return [];
    const candidate = candidates[found.at]!;
    const said = one.said(viewOf(candidate), candidate.item, found.hardness);
    return [{ id: one.id, name: one.name, at: found.at, said, ...(one.counted && { counted: one.counted }) }];
  });
  const heightOf = ({ card }: Candidate) => cardHeight(card, settings, step, bands, cardPx);
  const highest = hardest(candidates, heightOf);
  return highest
    ? [
        ...named,
        {
          id: 'highest-card',
          name: 'Highest card',
          at: highest.at,
          said: `${Math.round(highest.hardness)} px high`,
        },
      ]
    : named;
}
