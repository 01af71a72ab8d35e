import { bandById } from '../bands/bands.ts';
import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { listed } from '../sentence/sentence.ts';
import { cardPxIn, lookedAtPx } from '../view/clipped.ts';
import { keptForShelf } from '../view/keptForShelf.ts';
import { shownIn } from '../view/shownIn.ts';
import type { CardView, ShelfView, StepView } from '../view/view.ts';

/** What is found of single cards, where: the first of it, and all that is found of the same. */
interface Across<F> {
  first: F;
  all: readonly F[];
  bandIds: ReadonlySet<string>;
  /** "on Phone and Tablet: 3 of the 12 cards". */
  where: string;
}

type Find<F> = (card: CardView, settings: Card, step: StepView, bands: Bands, cardPx: number) => readonly F[];

interface FoundOn<F> {
  one: F;
  bandId: string;
  card: number;
}

const keeps = new Map<unknown, ReturnType<typeof keptForShelf<FoundOn<unknown>[]>>>();

/** What is found of every card of a shelf at each step; looked for again only where something of it has changed. */
function foundOn<F>(shelf: ShelfView, bands: Bands, find: Find<F>): FoundOn<F>[] {
  let keep = keeps.get(find);
  if (!keep) keeps.set(find, (keep = keptForShelf()));
  return keep(shelf, bands, () =>
    shelf.steps.flatMap((step) => {
      const cardPx = cardPxIn(shelf, step, bands, lookedAtPx(step, bands));
      return shownIn(shelf, step).flatMap((card) =>
        find(card, shelf.card, step, bands, cardPx).map((one) => ({
          one,
          bandId: step.bandId,
          card: card.id,
        })),
      );
    }),
  ) as FoundOn<F>[];
}

/**
 * Looks at every card of a shelf as wide as it is at each step; null where nothing is found.
 * @param find the same function every time, and told of everything that it goes by
 * @param key what is the same of two that are found
 */
export function acrossSteps<F>(
  shelf: ShelfView,
  bands: Bands,
  find: Find<F>,
  key: (found: F) => string,
): Across<F> | null {
  const found = foundOn(shelf, bands, find);
  const first = found[0]?.one;
  if (first === undefined) return null;
  const same = found.filter(({ one }) => key(one) === key(first));
  const bandIds = new Set(same.map(({ bandId }) => bandId));
  const cards = new Set(same.map(({ card }) => card));
  const names = [...bandIds].map((id) => bandById(bands, id)!.name);
  return {
    first,
    all: same.map(({ one }) => one),
    bandIds,
    where: `on ${listed(names)}: ${cards.size} of the ${shelf.cards.length} cards`,
  };
}
