import { createStore, type StoreApi } from 'zustand/vanilla';
import type { StoredDocument } from '../../core/api/draft.ts';
import { merge, type Conflict } from '../../core/merge/merge.ts';
import { apply, type Command } from '../../core/plan/commands.ts';
import { whereItIsFrom } from '../../core/plan/like.ts';
import {
  documentKeys,
  documentOf,
  withDocument,
  type DocumentKey,
  type PlanDocument,
} from '../../core/plan/documents.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { withKept, writtenDocument, type Unreadable } from '../../core/plan/reading.ts';
import { same } from '../../core/settings/same.ts';
import { completePlan, type StoredPlan } from '../../core/plan/storedPlan.ts';
import type { UnsentDocument } from './kept/unsent.ts';

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
  | { state: 'signedOut' }
  /** The server is newer than this window, which has to be loaded again before it may save. */
  | { state: 'updated' }
  | { state: 'refused'; message: string };

/** One step of work: the plan before it and after it. */
interface Step {
  before: StoredPlan;
  after: StoredPlan;
}

export interface DraftState {
  /** What is being arranged, as it is stored: only what was set. */
  draft: StoredPlan;
  /** The same, complete. */
  plan: Plan;
  /** What the server has, as far as this window knows. */
  stored: StoredPlan;
  versions: Readonly<Record<string, number>>;
  past: readonly Step[];
  future: readonly Step[];
  /** What somebody else changed too. It stays as it is here, and as theirs on the server, until it is chosen. */
  conflicts: readonly Conflict[];
  /** Documents of the server's that cannot be read. They stay as they are there until they are reset. */
  unreadable: readonly Unreadable[];
  /** Documents to be written in the place of such a one, whether or not anything is seen to differ. */
  resets: readonly DocumentKey[];
  saving: Saving;
  savedAt: string | null;
  /** Changes that follow each other under the same name are one step back. */
  lastStep: { name: string | object; at: number } | null;
}

export interface WithUnsent {
  plan: StoredPlan;
  conflicts: Conflict[];
  unreadable: Unreadable[];
}

/** A document as it was sent; null where it was removed. */
export interface SentDocument {
  key: DocumentKey;
  body: PlanDocument | null;
}

export interface Draft extends StoreApi<DraftState> {
  /**
   * The one door: changes the plan and remembers the step.
   * @param step a name, so that quick repeats are undone as one; or an object that stands for one movement of the hand,
   * which is one step however long it takes
   */
  run(command: Command, step?: string | object): void;
  undo(): void;
  redo(): void;
  /** Documents that differ from what the server has. */
  unsaved(): Unsaved[];
  /** The same to be kept outside of this window, what is still to be chosen as it is here. */
  unsent(): UnsentDocument[];
  /** What the draft, or one that it was before, would become with work that another window could not send on top. */
  withUnsent(unsent: readonly UnsentDocument[], on?: StoredPlan): WithUnsent;
  /** Puts work that another window could not send on top, if all of it can be read; gives what cannot be. */
  takeUp(unsent: readonly UnsentDocument[]): Unreadable[];
  saved(versions: Record<string, number>, sent: readonly SentDocument[], savedAt: string): void;
  /**
   * Puts what somebody else saved and what is unsaved here together; gives what cannot be read.
   * @param unanswered what was sent from here and may have been saved: it is not somebody else's
   */
  mergeWith(theirs: readonly StoredDocument[], unanswered?: readonly SentDocument[]): Unreadable[];
  takeTheirs(conflict: Conflict): void;
  keepMine(conflict: Conflict): void;
  /** Puts a document in the place of one that cannot be read; null removes it. */
  reset(key: DocumentKey, document: PlanDocument | null): void;
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
  unreadable: readonly Unreadable[] = [],
): Draft {
  const store = createStore<DraftState>(() => ({
    draft: stored,
    plan: completePlan(stored),
    stored,
    versions,
    past: [],
    future: [],
    conflicts: [],
    unreadable,
    resets: [],
    saving: { state: 'saved' },
    savedAt,
    lastStep: null,
  }));
  const { getState: get, setState: set } = store;

  const differing = (state: DraftState): Unsaved[] => {
    const [plan, base] = [sendable(state), state.stored];
    const locked = new Set(state.unreadable.map(({ key }) => key));
    const differs = (key: DocumentKey) => !same(documentOf(plan, key), documentOf(base, key));
    return [...new Set([...documentKeys(plan), ...documentKeys(base), ...state.resets])]
      .filter((key) => !locked.has(key) && (state.resets.includes(key) || differs(key)))
      .map((key) => ({ key, version: state.versions[key] ?? 0, body: documentOf(plan, key) ?? null }));
  };

  /** A state that can be chosen from is not left by a further change. */
  const afterChange = (saving: Saving): Saving =>
    ['away', 'signedOut', 'saving', 'updated'].includes(saving.state) ? saving : { state: 'unsaved' };

  const moveTo = (draft: StoredPlan, more: Partial<DraftState>) =>
    set((state) => ({
      ...more,
      draft,
      plan: completePlan(draft),
      conflicts: open(more.conflicts ?? state.conflicts, draft),
      saving: afterChange(state.saving),
    }));

  return {
    ...store,
    run(command, step) {
      const { draft: plan, past, lastStep } = get();
      const next = apply(plan, whereItIsFrom(plan, command));
      if (next === plan) return;
      const at = clock();
      const goesOn =
        step !== undefined &&
        lastStep?.name === step &&
        (typeof step === 'object' || at - lastStep.at < SAME_STEP_MS);
      const last = past.at(-1);
      moveTo(next, {
        past:
          goesOn && last?.after === plan
            ? [...past.slice(0, -1), { before: last.before, after: next }]
            : [...past, { before: plan, after: next }].slice(-MOST_STEPS),
        future: [],
        lastStep: step === undefined ? null : { name: step, at },
      });
    },
    undo() {
      const { draft: after, past, future } = get();
      const step = past.at(-1);
      if (!step) return;
      const before = takenBack(step, after);
      moveTo(before, {
        past: past.slice(0, -1),
        future: [{ before: after, after: before }, ...future],
        lastStep: null,
      });
    },
    redo() {
      const { draft: before, past, future } = get();
      const [step, ...rest] = future;
      if (!step) return;
      const after = takenBack(step, before);
      moveTo(after, { past: [...past, { before, after }], future: rest, lastStep: null });
    },
    unsaved() {
      return differing(get());
    },
    saved(newVersions, sent, at) {
      set((state) => {
        const base = sent.reduce((plan, { key, body }) => withDocument(plan, key, body), state.stored);
        const written = new Set(sent.map(({ key }) => key));
        const next = {
          ...state,
          stored: base,
          versions: { ...state.versions, ...newVersions },
          savedAt: at,
          resets: state.resets.filter((key) => !written.has(key)),
        };
        return { ...next, saving: differing(next).length ? { state: 'unsaved' } : { state: 'saved' } };
      });
    },
    unsent() {
      const { draft, stored, conflicts, versions } = get();
      const was = apply(stored, {
        do: 'revert',
        commands: conflicts.flatMap(({ asItWas }) => asItWas ?? []),
      });
      const written = (plan: StoredPlan, key: DocumentKey) => {
        const document = documentOf(plan, key);
        return document ? writtenDocument(document) : null;
      };
      return [...new Set([...documentKeys(draft), ...documentKeys(was)])]
        .filter((key) => !same(documentOf(draft, key), documentOf(was, key)))
        .map((key) => ({
          key,
          version: versions[key] ?? 0,
          body: written(draft, key),
          was: written(was, key),
        }));
    },
    withUnsent(unsent, on = get().draft) {
      return withUnsent(on, unsent);
    },
    takeUp(unsent) {
      const { draft: before, past, conflicts: known } = get();
      const { plan, conflicts: more, unreadable } = withUnsent(before, unsent);
      if (unreadable.length) return unreadable;
      const conflicts = joined(known, more);
      if (more.length || !same(plan, before))
        moveTo(plan, { past: [...past, { before, after: plan }], future: [], conflicts, lastStep: null });
      return [];
    },
    mergeWith(theirs, unanswered = []) {
      const state = get();
      const { plan: others, unreadable } = withKept(state.stored, theirs);
      if (unreadable.length) return unreadable;
      const readable = new Set(theirs.map(({ key }) => key));
      const own = unanswered.filter(({ key, body }) => same(body, documentOf(others, key) ?? null));
      const base = own.reduce((plan, { key, body }) => withDocument(plan, key, body), state.stored);
      const { plan, conflicts } = merge(base, state.draft, others);
      set({
        draft: plan,
        plan: completePlan(plan),
        stored: others,
        versions: { ...state.versions, ...Object.fromEntries(theirs.map((one) => [one.key, one.version])) },
        conflicts: joined(state.conflicts, conflicts),
        unreadable: state.unreadable.filter(({ key }) => !readable.has(key)),
        saving: { state: 'unsaved' },
      });
      return [];
    },
    takeTheirs(conflict) {
      const { draft: before, past, conflicts } = get();
      const after = apply(before, { do: 'revert', commands: [conflict.takeTheirs] });
      moveTo(after, {
        conflicts: conflicts.filter((one) => one !== conflict),
        past: [...past, { before, after }],
        future: [],
        lastStep: null,
      });
    },
    keepMine(conflict) {
      set(({ conflicts, saving }) => ({
        conflicts: conflicts.filter((one) => one !== conflict),
        saving: afterChange(saving),
      }));
    },
    reset(key, document) {
      const { draft, unreadable, resets } = get();
      moveTo(withDocument(draft, key, document), {
        unreadable: unreadable.filter((one) => one.key !== key),
        resets: [...resets, key],
        lastStep: null,
      });
    },
    setSaving: (saving) => set({ saving }),
  };
}

/** The draft as it may be saved: what is still to be chosen stays as somebody else has it. */
const sendable = ({ draft, conflicts }: DraftState): StoredPlan =>
  apply(draft, { do: 'revert', commands: conflicts.map(({ takeTheirs }) => takeTheirs) });

function withUnsent(draft: StoredPlan, unsent: readonly UnsentDocument[]): WithUnsent {
  const was = withKept(
    draft,
    unsent.map(({ key, was: body }) => ({ key, body: body ?? null })),
  );
  const kept = withKept(was.plan, unsent);
  return { ...merge(was.plan, kept.plan, draft), unreadable: [...was.unreadable, ...kept.unreadable] };
}

/** What is asked anew takes the place of the same question. */
function joined(known: readonly Conflict[], more: readonly Conflict[]): Conflict[] {
  const asked = new Set(more.map(({ id }) => id));
  return [...known.filter(({ id }) => !asked.has(id)), ...more];
}

/** The conflicts that are still one: here it is not as theirs by now. */
const open = (conflicts: readonly Conflict[], draft: StoredPlan): readonly Conflict[] =>
  conflicts.filter(({ takeTheirs }) => !same(apply(draft, { do: 'revert', commands: [takeTheirs] }), draft));

/** The plan without a step. Where somebody else has changed the same since, theirs stays. */
function takenBack({ before, after }: Step, now: StoredPlan): StoredPlan {
  if (now === after) return before;
  const { plan, conflicts } = merge(after, before, now);
  return apply(plan, { do: 'revert', commands: conflicts.map(({ takeTheirs }) => takeTheirs) });
}

/** Sum of all versions: what a publishing says it has seen. */
export const draftVersion = (versions: Readonly<Record<string, number>>): number =>
  Object.values(versions).reduce((a, b) => a + b, 0);
