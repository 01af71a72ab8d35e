import { subjectOf, type Target, type TargetDocument } from '../../core/plan/target.ts';
import { useDraft } from '../studioContext.tsx';

/** What is stored of a target: only what was set. Undefined where it is gone. */
export const useStoredDocument = (on: Target): TargetDocument | undefined =>
  useDraft((state) => subjectOf(state.draft, on)?.document);
