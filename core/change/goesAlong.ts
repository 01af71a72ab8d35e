import { withReadableText } from '../card/textPlace.ts';
import type { Command } from '../plan/commands.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import { withColumnsAside } from '../view/columnsAside.ts';
import { withSameCount } from '../view/sameCount.ts';

/**
 * A change of one setting together with what an owner means by it besides: as many items in another layout, text that
 * can be read where it comes to be over pictures, columns that fit into a sidebar.
 */
export function withWhatGoesAlong(plan: StoredPlan, command: Extract<Command, { do: 'set' }>): Command {
  const { on, setting } = command;
  const counted = setting === 'aside' ? withColumnsAside(plan, command) : withSameCount(plan, command);
  return 'shelf' in on && setting.startsWith('card.text.')
    ? withReadableText(plan, counted, on.shelf)
    : counted;
}
