import { valueAt, type Varying } from '../bands/varying.ts';
import { elementOfSetting } from '../style/styleTree.ts';
import { readPath } from '../settings/path.ts';
import { valueOf, type Around } from '../settings/complete.ts';
import { ownFor } from '../settings/ownValues.ts';
import { nodeAt, type LineId, type PlacedSetting } from '../settings/setting.ts';
import type { Command } from './commands.ts';
import { asLaidOut } from './like.ts';
import { shelvesOf } from './places.ts';
import { aroundOf, type StoredPlan } from './storedPlan.ts';
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

/** What of the chosen lines is copied, where that is not all of it. */
export interface CopiedPart {
  /** Of the look, these elements only. */
  elements?: readonly string[];
  /** What varies by width, as it is at this one; wider and narrower ones stay as they are. */
  band?: string;
}

const isOfLines = (
  one: PlacedSetting,
  lines: readonly CopiedLine[],
  { elements, band }: CopiedPart,
): boolean => {
  if (one.stays || !lines.some((line) => line === one.line)) return false;
  if (band !== undefined && !one.varies) return false;
  const element = elementOfSetting(one.id);
  return one.line !== 'look' || !elements || (element !== null && elements.includes(element));
};

/** The own values of a setting that varies once it is at one width as another has it; at all others it stays as it is. */
function atOneWidth(
  setting: PlacedSetting,
  own: unknown,
  theirs: unknown,
  band: string,
  around: Around,
): object | undefined {
  const [now, wanted] = [own, theirs].map((values) => valueOf(setting, values, around) as Varying<unknown>);
  const kept = new Set(Object.keys(own ?? {}));
  const next = ownFor(setting, (id) => valueAt(id === band ? wanted! : now!, around.bands, id), kept, around);
  return Object.keys(next).length > 0 ? next : undefined;
}

/**
 * Copies lines of a shelf and its bay to others, as one step. What is copied to several bays that show the same
 * shelf is copied once; what is not set is reset there.
 */
export function copyLines(
  plan: StoredPlan,
  from: ShelfPlace,
  lines: readonly CopiedLine[],
  to: readonly ShelfPlace[],
  part: CopiedPart = {},
): Command {
  const [source, sourceBay] = [subjectOf(plan, { shelf: from.shelf }), subjectOf(plan, bayOf(from))];
  const shelf = plan.shelves[from.shelf] && asLaidOut(plan.shelves, plan.shelves[from.shelf]!);
  if (!source || !sourceBay || !shelf) return { do: 'together', commands: [] };
  const of = ofOf(plan, shelf);
  const { band } = part;
  const around = aroundOf(plan);
  const commands: Command[] = [];
  const met = new Set([from.shelf]);
  const copy = (on: Target, one: PlacedSetting, document: object, there: object) => {
    const theirs: unknown = readPath(document, one.id);
    const value =
      band === undefined ? theirs : atOneWidth(one, readPath(there, one.id), theirs, band, around);
    commands.push({ do: 'set', on, setting: one.id, value });
  };
  for (const place of to) {
    const [other, bay] = [plan.shelves[place.shelf], subjectOf(plan, bayOf(place))];
    if (!other || !bay) continue;
    const on = { shelf: place.shelf };
    if (!met.has(place.shelf)) {
      const takesKind = lines.includes('shows') && band === undefined;
      // What another kind of item does not have is left to it.
      const fits = ({ items }: PlacedSetting) => takesKind || !items || items.includes(ofOf(plan, other));
      if (takesKind) commands.push({ do: 'set', on, setting: 'assortment', value: shelf.assortment });
      for (const one of source.settings)
        if (isOfLines(one, lines, part) && !one.id.startsWith('assortment.') && fits(one) && isFor(one, of))
          copy(on, one, shelf, asLaidOut(plan.shelves, other));
    }
    met.add(place.shelf);
    for (const one of sourceBay.settings)
      if (isOfLines(one, lines, part) && nodeAt(bay.tree, one.id))
        copy(bayOf(place), one, sourceBay.document, bay.document);
  }
  return { do: 'together', commands };
}

const isFor = ({ items }: PlacedSetting, of: NonNullable<PlacedSetting['items']>[number]) =>
  !items || items.includes(of);

const bayOf = ({ page, bay }: ShelfPlace): Target => ({ page, bay });
