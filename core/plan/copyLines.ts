import { readPath } from '../settings/path.ts';
import { nodeAt, type LineId, type PlacedSetting } from '../settings/setting.ts';
import type { Command } from './commands.ts';
import { shelvesOf } from './places.ts';
import type { StoredPlan } from './storedPlan.ts';
import { ofOf, subjectOf, type Target } from './target.ts';

/** Lines of a bay with a shelf that can be copied to another. */
export const COPIED_LINES = [
  'shows',
  'layout',
  'columns',
  'card',
  'look',
  'visibility',
] as const satisfies LineId[];
export type CopiedLine = (typeof COPIED_LINES)[number];

/** A shelf where it is. */
export interface ShelfPlace {
  page: string;
  bay: string;
  shelf: string;
}

/** Every shelf of a plan in every bay that shows it, from the first page on. */
export const shelfPlaces = (plan: StoredPlan): ShelfPlace[] =>
  Object.values(plan.pages).flatMap((page) =>
    page.bays.flatMap((bay) =>
      shelvesOf(bay)
        .filter((shelf) => plan.shelves[shelf])
        .map((shelf) => ({ page: page.id, bay: bay.id, shelf })),
    ),
  );

const isOfLines = (one: PlacedSetting, lines: readonly CopiedLine[]) =>
  !one.stays && lines.some((line) => line === one.line);

/**
 * Copies lines of a shelf and its bay to others, as one step. What is copied to several bays that show the same
 * shelf is copied once; what is not set is reset there.
 */
export function copyLines(
  plan: StoredPlan,
  from: ShelfPlace,
  lines: readonly CopiedLine[],
  to: readonly ShelfPlace[],
): Command {
  const [source, sourceBay] = [subjectOf(plan, { shelf: from.shelf }), subjectOf(plan, bayOf(from))];
  const shelf = plan.shelves[from.shelf];
  if (!source || !sourceBay || !shelf) return { do: 'together', commands: [] };
  const of = ofOf(plan, shelf);
  const commands: Command[] = [];
  const met = new Set([from.shelf]);
  const copy = (on: Target, one: PlacedSetting, document: object) =>
    commands.push({ do: 'set', on, setting: one.id, value: readPath(document, one.id) });
  for (const place of to) {
    const [other, bay] = [plan.shelves[place.shelf], subjectOf(plan, bayOf(place))];
    if (!other || !bay) continue;
    const on = { shelf: place.shelf };
    if (!met.has(place.shelf)) {
      const takesKind = lines.includes('shows');
      // What another kind of item does not have is left to it.
      const fits = ({ items }: PlacedSetting) => takesKind || !items || items.includes(ofOf(plan, other));
      if (takesKind) commands.push({ do: 'set', on, setting: 'assortment', value: shelf.assortment });
      for (const one of source.settings)
        if (isOfLines(one, lines) && !one.id.startsWith('assortment.') && fits(one) && isFor(one, of))
          copy(on, one, source.document);
    }
    met.add(place.shelf);
    for (const one of sourceBay.settings)
      if (isOfLines(one, lines) && nodeAt(bay.tree, one.id)) copy(bayOf(place), one, sourceBay.document);
  }
  return { do: 'together', commands };
}

const isFor = ({ items }: PlacedSetting, of: NonNullable<PlacedSetting['items']>[number]) =>
  !items || items.includes(of);

const bayOf = ({ page, bay }: ShelfPlace): Target => ({ page, bay });
