import { subjectOf, type Target } from '../../core/plan/target.ts';
import { readPath } from '../../core/settings/path.ts';
import { useDraft } from '../studioContext.tsx';

/** What is set of a target at the path of a setting; undefined where nothing is, or the target is gone. */
export const useStoredValue = (on: Target, setting: string): unknown =>
  useDraft((state) => readPath(subjectOf(state.draft, on)?.document, setting));
