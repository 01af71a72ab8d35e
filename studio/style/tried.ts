import type { Command } from '../../core/plan/commands.ts';

/** A look that is seen on the specimen and not taken yet. */
export interface Tried {
  id: string;
  name: string;
  /** Takes it, in one step. */
  command: Command;
}
