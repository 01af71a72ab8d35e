import { createStore, type StoreApi } from 'zustand/vanilla';
import { apply, type Command } from '../../core/plan/commands.ts';
import {
  documentKeys,
  documentOf,
  withDocument,
  type DocumentKey,
  type PlanDocument,
} from '../../core/plan/documents.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { withKept } from '../../core/plan/reading.ts';
import { completePlan, type StoredPlan } from '../../core/plan/storedPlan.ts';

/** A document as the server keeps it. */
export interface StoredDocument {
  key: DocumentKey;
  version: number;
  /** Of whatever format; null once it was removed. */
  body: unknown;
  savedAt: string | null;
  savedBy: string | null;
}

/** A document that differs from what the server has. */
export interface Unsaved {
  key: DocumentKey;
  version: number;
  body: PlanDocument | null;
}

export type Saving =
  | { state: 'saved' }
  | { state: 'unsaved' }
  | { state: 'saving' }
  /** The server cannot be reached; the draft is kept in this browser and sent later. */
  | { state: 'away' }
  /** Somebody else saved first; a choice has to be made. */
  | { state: 'stale'; theirs: StoredDocument[] }
  | { state: 'signedOut' }
  | { state: 'refused'; message: string };

export interface DraftState {
  /** What is being arranged, as it is stored: only what was set. */
  draft: StoredPlan;
  /** The same, complete. */
  plan: Plan;
  /** What the server has, as far as this window knows. */
  stored: StoredPlan;
  versions: Readonly<Record<string, number>>;
  past: readonly StoredPlan[];
  future: readonly StoredPlan[];
  saving: Saving;
  savedAt: string | null;
  /** Changes that follow each other under the same name are one step back. */
  lastStep: { name: string; at: number } | null;
}

export interface Draft extends StoreApi<DraftState> {
  /** The one door: changes the plan and remembers the step. A `step` name lets quick repeats be undone as one. */
  run(command: Command, step?: string): void;
  undo(): void;
  redo(): void;
  /** Documents that differ from what the server has. */
  unsaved(): Unsaved[];
  saved(
    versions: Record<string, number>,
    sent: readonly { key: DocumentKey; body: PlanDocument | null }[],
    savedAt: string,
  ): void;
  /** Takes over what the server has; what is unsaved in other documents stays. */
  takeTheirs(theirs: readonly StoredDocument[]): void;
  /** Keeps what is here, on top of what the server has. */
  keepMine(theirs: readonly StoredDocument[]): void;
  setSaving(saving: Saving): void;
}

const MOST_STEPS = 300;
const SAME_STEP_MS = 900;

/** The draft being arranged, with its way back and forward. Time comes in as `clock`. */
export function makeDraft(
  stored: StoredPlan,
  versions: Record<string, number>,
  savedAt: string | null,
  clock: () => number,
): Draft {
  const store = createStore<DraftState>(() => ({
    draft: stored,
    plan: completePlan(stored),
    stored,
    versions,
    past: [],
    future: [],
    saving: { state: 'saved' },
    savedAt,
    lastStep: null,
  }));
  const { getState: get, setState: set } = store;

  const differing = ({ draft: plan, stored: base }: DraftState): DocumentKey[] =>
    [...new Set([...documentKeys(plan), ...documentKeys(base)])].filter(
      (key) => documentOf(plan, key) !== documentOf(base, key),
    );

  /** A state that can be chosen from is not left by a further change. */
  const afterChange = (saving: Saving): Saving =>
    ['stale', 'away', 'signedOut', 'saving'].includes(saving.state) ? saving : { state: 'unsaved' };

  const moveTo = (draft: StoredPlan, more: Partial<DraftState>) =>
    set((state) => ({ ...more, draft, plan: completePlan(draft), saving: afterChange(state.saving) }));

  return {
    ...store,
    run(command, step) {
      const { draft: plan, past, lastStep } = get();
      const next = apply(plan, command);
      if (next === plan) return;
      const at = clock();
      const same = step !== undefined && lastStep?.name === step && at - lastStep.at < SAME_STEP_MS;
      moveTo(next, {
        past: same ? past : [...past, plan].slice(-MOST_STEPS),
        future: [],
        lastStep: step === undefined ? null : { name: step, at },
      });
    },
    undo() {
      const { draft: plan, past, future } = get();
      const before = past.at(-1);
      if (before) moveTo(before, { past: past.slice(0, -1), future: [plan, ...future], lastStep: null });
    },
    redo() {
      const { draft: plan, past, future } = get();
      const next = future[0];
      if (next) moveTo(next, { past: [...past, plan], future: future.slice(1), lastStep: null });
    },
    unsaved() {
      const state = get();
      return differing(state).map((key) => ({
        key,
        version: state.versions[key] ?? 0,
        body: documentOf(state.draft, key) ?? null,
      }));
    },
    saved(newVersions, sent, at) {
      set((state) => {
        const base = sent.reduce((plan, { key, body }) => withDocument(plan, key, body), state.stored);
        const next = { ...state, stored: base, versions: { ...state.versions, ...newVersions }, savedAt: at };
        return { ...next, saving: differing(next).length ? { state: 'unsaved' } : { state: 'saved' } };
      });
    },
    takeTheirs(theirs) {
      set((state) => {
        const take = (plan: StoredPlan) => withKept(plan, theirs).plan;
        const taken = take(state.draft);
        const next = {
          ...state,
          draft: taken,
          plan: completePlan(taken),
          stored: take(state.stored),
          versions: withVersions(state, theirs),
          past: [...state.past, state.draft],
          future: [],
        };
        return { ...next, saving: differing(next).length ? { state: 'unsaved' } : { state: 'saved' } };
      });
    },
    keepMine(theirs) {
      set((state) => ({
        stored: withKept(state.stored, theirs).plan,
        versions: withVersions(state, theirs),
        saving: { state: 'unsaved' },
      }));
    },
    setSaving: (saving) => set({ saving }),
  };
}

const withVersions = (state: DraftState, theirs: readonly StoredDocument[]) => ({
  ...state.versions,
  ...Object.fromEntries(theirs.map(({ key, version }) => [key, version])),
});

/** Sum of all versions: what a publishing says it has seen. */
export const draftVersion = (versions: Readonly<Record<string, number>>): number =>
  Object.values(versions).reduce((a, b) => a + b, 0);
