import { assortmentOf, type Plan } from './plan.ts';
import type { Command } from './commands.ts';
import { allSettings } from './settings/index.ts';
import { readPath, type LineId, type Setting } from './settings/setting.ts';

/** Lines of a bay with a shelf, as far as they can be copied to another. */
export const COPIED_LINES = ['shows', 'form', 'across', 'card', 'look', 'when'] as const satisfies LineId[];
export type CopiedLine = (typeof COPIED_LINES)[number];

export interface BayPlace {
  page: string;
  bay: string;
}

/** What belongs to one shelf alone, and is never copied. */
const OWN = new Set(['name', 'heading.words']);

/** What a card has for its kind of item. */
const OF_A_KIND = ['card.order', 'card.shown'];

/** Settings of a line that stand for themselves: what a group holds goes with the group. */
const settingsOf = (line: CopiedLine): Setting[] => {
  const all = allSettings.filter((one) => one.line === line && (one.on === 'shelf' || one.on === 'bay'));
  const groups = all.filter((one) => one.group).map(({ id }) => id);
  return all.filter(({ id }) => !OWN.has(id) && !groups.some((group) => id.startsWith(`${group}.`)));
};

/**
 * Copies lines of one bay and its shelf to others, as one step. A bay that holds no shelf is passed over, and so
 * is a card for another kind of item; what is copied to several bays that show the same shelf is copied once.
 */
export function copyLines(
  plan: Plan,
  from: BayPlace,
  lines: readonly CopiedLine[],
  to: readonly BayPlace[],
): Command {
  const bayAt = ({ page, bay }: BayPlace) => plan.pages[page]?.bays.find((one) => one.id === bay);
  const source = bayAt(from);
  if (source?.holds !== 'shelf') return { do: 'together', commands: [] };
  const shelf = plan.shelves[source.shelfId]!;
  const commands: Command[] = [];
  const met = new Set([shelf.id]);
  for (const place of to) {
    const bay = bayAt(place);
    if (bay?.holds !== 'shelf') continue;
    const other = plan.shelves[bay.shelfId]!;
    const isNew = !met.has(other.id);
    met.add(other.id);
    const alike = assortmentOf(plan, shelf).of === assortmentOf(plan, other).of;
    // Another kind of item needs a card of its own kind.
    const takesKind = lines.includes('shows') && !alike;
    for (const one of lines.flatMap(settingsOf)) {
      const ofKind = alike || takesKind || !OF_A_KIND.includes(one.id);
      if (one.on === 'shelf' && isNew && ofKind)
        commands.push({
          do: 'set',
          on: { shelf: other.id },
          setting: one.id,
          value: readPath(shelf, one.id),
        });
      if (one.on === 'bay' && (!one.holds || one.holds.includes('shelf')))
        commands.push({ do: 'set', on: place, setting: one.id, value: readPath(source, one.id) });
    }
    if (takesKind && isNew && !lines.includes('card'))
      for (const setting of OF_A_KIND)
        commands.push({ do: 'set', on: { shelf: other.id }, setting, value: readPath(shelf, setting) });
  }
  return { do: 'together', commands };
}
