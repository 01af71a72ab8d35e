import { sayPlace } from '../change/change.ts';
import { placeOf } from '../change/placeOf.ts';
import { aroundOf, type StoredPlan } from '../plan/storedPlan.ts';
import { subjectOf } from '../plan/target.ts';
import { readPath } from '../settings/path.ts';
import type { Names } from '../sentence/sentence.ts';
import type { Conflict } from './merge.ts';

/** A conflict in words, for the one who is asked. */
export interface ConflictWords {
  where: string;
  /** What both changed: "Number of columns on Phone". */
  what: string;
  mine: string;
  theirs: string;
}

const presence = (value: unknown): string => (value === undefined ? 'removed' : 'changed');

/**
 * What both changed, and how each has it.
 * @param mine the plan as it is here
 * @param theirs the plan that has what this one removed
 */
export function sayConflict(
  conflict: Conflict,
  mine: StoredPlan,
  theirs: StoredPlan,
  names: Names,
): ConflictWords {
  const { target, setting, band } = conflict;
  const plan = subjectOf(mine, target) ? mine : theirs;
  const where = sayPlace(placeOf(target, plan));
  const found = subjectOf(plan, target)?.settings.find(({ id }) => id === setting);
  if (!found) {
    const whole = setting === null;
    return {
      where,
      what: whole ? 'All of it' : setting === 'bays' ? 'Order of the bays' : 'What it shows',
      mine: whole ? presence(conflict.mine) : 'as it is here',
      theirs: whole ? presence(conflict.theirs) : 'as it is there',
    };
  }
  const at = aroundOf(plan).bands.find(({ id }) => id === band)?.name ?? band;
  const say = (value: unknown) => (value === undefined ? 'not set' : found.kind.say(value, names));
  return {
    where,
    what: `${found.name}${at === null ? '' : ` on ${at}`}`,
    // As it is now: work goes on while it is asked.
    mine: say(readPath(subjectOf(plan, target)!.document, band === null ? found.id : `${found.id}.${band}`)),
    theirs: say(conflict.theirs),
  };
}
