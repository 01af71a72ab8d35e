import type { Command } from '../plan/commands.ts';
import type { Plan } from '../plan/plan.ts';
import type { Names } from '../sentence/sentence.ts';
import type { PageView } from '../view/view.ts';

export type Severity = 'wrong' | 'weak' | 'hint';
export const SEVERITIES: readonly Severity[] = ['wrong', 'weak', 'hint'];

/** An honest change of the draft that mends what was found. */
export interface Fix {
  /** What the button says. */
  words: string;
  command: Command;
}

export interface Finding {
  check: string;
  severity: Severity;
  pageId: string;
  bayId: string;
  text: string;
  fix: Fix | null;
  /** Line of the spec where a person mends it. */
  goTo: string;
}

/** One check: it reads a page's view; the plan for its fix and for what was meant. */
export interface Check {
  id: string;
  title: string;
  severity: Severity;
  find(view: PageView, plan: Plan, names: Names): Omit<Finding, 'check' | 'severity' | 'pageId'>[];
}
