import type { Command } from '../plan/commands.ts';

/** One difference between two plans, in words, that can be reverted on its own (calculations §19). */
export interface Change {
  id: string;
  /** Where it is: pages by name, and the bay's name if it is in one. */
  where: string;
  text: string;
  /** Applied to the later plan, makes this difference go away. */
  takeBack: Command;
  /** What has to be put back with it, in words, so that nothing is left that leads nowhere. */
  along: readonly string[];
}

/** A change whose revert needs nothing else, as far as is known yet. */
export const change = (id: string, where: string, text: string, takeBack: Command): Change => ({
  id,
  where,
  text,
  takeBack: { do: 'revert', commands: [takeBack] },
  along: [],
});
