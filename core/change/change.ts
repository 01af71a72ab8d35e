import type { Command } from '../plan/commands.ts';
import { listed } from '../sentence/sentence.ts';

/** Where a change is, in words. */
export interface Place {
  /** The page, or what else it belongs to, such as the house style; changes are read by it. */
  group: string;
  /** Other pages that show it. */
  also: readonly string[];
  /** The bay or the assortment; null for the whole of it. */
  name: string | null;
}

/** A setting that is part of a larger change. */
export interface ChangedSetting {
  text: string;
  /** Reverts it alone; null where it goes with the whole. */
  takeBack: Command | null;
}

/** One difference between two plans, in words, that can be reverted on its own (calculations §19). */
export interface Change {
  id: string;
  place: Place;
  text: string;
  /** Applied to the later plan, makes this difference go away. */
  takeBack: Command;
  /** What has to be put back with it, in words, so that nothing is left that leads nowhere. */
  along: readonly string[];
  /** What was said as one: a new bay, a ready-made arrangement. */
  settings: readonly ChangedSetting[];
}

/** "Home: New arrivals", "Home and Shop: New arrivals", "House style". */
export function sayPlace({ group, also, name }: Place): string {
  const groups = listed([group, ...also]);
  return name === null ? groups : `${groups}: ${name}`;
}

/** A change whose revert needs nothing else, as far as is known yet. */
export const change = (
  id: string,
  place: Place,
  text: string,
  takeBack: Command,
  settings: readonly ChangedSetting[] = [],
): Change => ({
  id,
  place,
  text,
  takeBack: { do: 'revert', commands: [takeBack] },
  along: [],
  settings,
});
