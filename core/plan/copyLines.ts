import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { elementOfSetting } from '../style/styleTree.ts';
import { readPath } from '../settings/path.ts';
import { same } from '../settings/same.ts';
import { nodeAt, type LineId, type PlacedSetting } from '../settings/setting.ts';
import type { Command } from './commands.ts';
import { shelvesOf } from './places.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';
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
  /** What is set at this width, and what holds at every width is left as it is. */
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

/**
 * What is set of a setting that varies once it is at one width as another shelf has it: wider ones stay as they are.
 * Undefined where it is so already.
 */
function atOneWidth(
  stored: object,
  complete: object,
  source: object,
  id: string,
  bands: Bands,
  band: string,
): Record<string, unknown> | undefined {
  const now = readPath(complete, id) as Varying<unknown>;
  const value = valueAt(readPath(source, id) as Varying<unknown>, bands, band);
  if (same(value, valueAt(now, bands, band))) return undefined;
  const own = readPath(stored, id) as Record<string, unknown> | undefined;
  const wider = bands[bands.findIndex((one) => one.id === band) + 1];
  return {
    ...own,
    [band]: value,
    ...(wider && !Object.hasOwn(own ?? {}, wider.id) && { [wider.id]: valueAt(now, bands, wider.id) }),
  };
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
  const shelf = plan.shelves[from.shelf];
  if (!source || !sourceBay || !shelf) return { do: 'together', commands: [] };
  const of = ofOf(plan, shelf);
  const { band } = part;
  const complete = band === undefined ? null : completePlan(plan);
  const completeOf = (at: ShelfPlace, on: Target): object =>
    'shelf' in on
      ? complete!.shelves[at.shelf]!
      : complete!.pages[at.page]!.bays.find(({ id }) => id === at.bay)!;
  const commands: Command[] = [];
  const met = new Set([from.shelf]);
  const copy = (on: Target, at: ShelfPlace, one: PlacedSetting, document: object) => {
    if (band === undefined || !complete) {
      commands.push({ do: 'set', on, setting: one.id, value: readPath(document, one.id) });
      return;
    }
    const there = subjectOf(plan, on)!.document;
    const { bands } = complete.house;
    const value = atOneWidth(there, completeOf(at, on), completeOf(from, on), one.id, bands, band);
    if (value) commands.push({ do: 'set', on, setting: one.id, value });
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
          copy(on, place, one, source.document);
    }
    met.add(place.shelf);
    for (const one of sourceBay.settings)
      if (isOfLines(one, lines, part) && nodeAt(bay.tree, one.id))
        copy(bayOf(place), place, one, sourceBay.document);
  }
  return { do: 'together', commands };
}

const isFor = ({ items }: PlacedSetting, of: NonNullable<PlacedSetting['items']>[number]) =>
  !items || items.includes(of);

const bayOf = ({ page, bay }: ShelfPlace): Target => ({ page, bay });
