import { createContext, useContext } from 'react';
import { withWhatGoesAlong } from '../../core/change/goesAlong.ts';
import type { Command } from '../../core/plan/commands.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import type { Target } from '../../core/plan/target.ts';
import { useStudio } from '../studioContext.tsx';

/** What a change of one setting becomes, of which the draft is told. */
type Becomes = (plan: StoredPlan, command: Extract<Command, { do: 'set' }>) => Command;

/** For controls within it: of a setting that is shown as something else than it is stored as. */
export const BecomesContext = createContext<Becomes>(withWhatGoesAlong);

/** Sets one setting of whatever it is on, or resets it (`undefined`); quick repeats are one step back. */
export function useSet(on: Target): (setting: string, value: unknown, band?: string) => void {
  const { draft } = useStudio();
  const becomes = useContext(BecomesContext);
  return (setting, value, band) =>
    draft.run(
      becomes(draft.getState().draft, {
        do: 'set',
        on,
        setting,
        value,
        ...(band === undefined ? {} : { band }),
      }),
      typeof value === 'string' ? `${JSON.stringify(on)} ${setting}` : undefined,
    );
}
