import type { Target } from '../../core/plan/target.ts';
import { withSameCount } from '../../core/view/sameCount.ts';
import { useStudio } from '../studioContext.tsx';

/** Sets one setting of whatever it is on, or resets it (`undefined`); quick repeats are one step back. */
export function useSet(on: Target): (setting: string, value: unknown, band?: string) => void {
  const { draft } = useStudio();
  return (setting, value, band) =>
    draft.run(
      withSameCount(draft.getState().draft, {
        do: 'set',
        on,
        setting,
        value,
        ...(band === undefined ? {} : { band }),
      }),
      typeof value === 'string' ? `${JSON.stringify(on)} ${setting}` : undefined,
    );
}
