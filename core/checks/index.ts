import type { Plan } from '../plan/plan.ts';
import type { PageView } from '../view/view.ts';
import { SEVERITIES, type Check, type Finding } from './check.ts';
import type { Names } from '../sentence/sentence.ts';
import { cannotMove } from './cannotMove.ts';
import { endAboveFoot } from './endAboveFoot.ts';
import { goneFromRule } from './goneFromRule.ts';
import { headingAtOdds } from './headingAtOdds.ts';
import { nothingToShow } from './nothingToShow.ts';
import { rowsLeftShort } from './rowsLeftShort.ts';
import { roundTooLong } from './roundTooLong.ts';
import { ruleNeverMatches } from './ruleNeverMatches.ts';
import { sameProductTwice } from './sameProductTwice.ts';

/** Every check; to add one, write its file and list it here. */
export const checks: readonly Check[] = [
  ruleNeverMatches,
  nothingToShow,
  rowsLeftShort,
  sameProductTwice,
  cannotMove,
  roundTooLong,
  endAboveFoot,
  headingAtOdds,
  goneFromRule,
];

/** What is found on a page, the weightiest first and from the top of the page down. */
export function findingsOn(view: PageView, plan: Plan, names: Names): Finding[] {
  const place = new Map(view.bays.map((bay, i) => [bay.id, i]));
  return checks
    .flatMap((check) =>
      check
        .find(view, plan, names)
        .map((found) => ({ ...found, check: check.id, severity: check.severity, pageId: view.pageId })),
    )
    .sort(
      (a, b) =>
        SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) ||
        place.get(a.bayId)! - place.get(b.bayId)!,
    );
}
