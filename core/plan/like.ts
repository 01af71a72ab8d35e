import type { Command } from './commands.ts';
import { fromGiver, lastOf } from './giver.ts';
import { whereBayIsFrom } from './sameAs.ts';
import type { StoredShelf } from './shelf.ts';
import type { StoredPlan } from './storedPlan.ts';

type Shelves = Readonly<Record<string, StoredShelf>>;

/** What a shelf has to itself, whatever it is laid out like. */
const OWN = ['id', 'name', 'assortment', 'assortmentId', 'notTwice', 'like'] as const;
const isOwn = (key: string): boolean => OWN.some((one) => one === key);

/** Whether a setting of a shelf is its own in any case. */
export const isOwnSetting = (id: string): boolean => isOwn(id.split('.')[0]!);

/**
 * Id of the shelf that a shelf has its layout, columns, card and look from: of itself, where it is like no other, or
 * like one that is gone, or where they go round in a circle.
 */
export function giverOf(shelves: Shelves, id: string): string {
  const next = (at: string) => {
    const like = shelves[at]?.like;
    return typeof like === 'string' && Object.hasOwn(shelves, like) ? like : null;
  };
  return lastOf(id, next, (at) => at);
}

const withLayoutOf = fromGiver<StoredShelf>(isOwn);

/** A stored shelf with what it has from the one that it is laid out like; the very same while both are. */
export function asLaidOut(shelves: Shelves, stored: StoredShelf): StoredShelf {
  const giver = shelves[giverOf(shelves, stored.id)];
  return !giver || giver === stored ? stored : withLayoutOf(giver, stored);
}

/** The same shelf with a layout and a look of its own, which are at first those that it has now. */
export function setApart(shelves: Shelves, stored: StoredShelf): StoredShelf {
  const { like: _, ...rest } = asLaidOut(shelves, stored);
  return rest;
}

/** The same shelf laid out like another: what it had of that itself is let go. */
export const laidOutLike = (stored: StoredShelf, like: string): StoredShelf =>
  ({ ...Object.fromEntries(Object.entries(stored).filter(([key]) => isOwn(key))), like }) as StoredShelf;

/** A change as it is meant: what a shelf or a bay has from another is changed there. */
export function whereItIsFrom(plan: StoredPlan, command: Command): Command {
  if (command.do === 'together')
    return { ...command, commands: command.commands.map((one) => whereItIsFrom(plan, one)) };
  if (command.do !== 'set') return command;
  if (!('shelf' in command.on)) return whereBayIsFrom(plan.pages, command);
  if (isOwnSetting(command.setting)) return command;
  const giver = giverOf(plan.shelves, command.on.shelf);
  return giver === command.on.shelf ? command : { ...command, on: { shelf: giver } };
}
