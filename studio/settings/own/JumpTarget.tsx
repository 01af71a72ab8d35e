import { bayName } from '../../../core/plan/places.ts';
import { useDraft } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { useSet } from '../useSetting.ts';
import type { OwnControlProps } from './ownControl.ts';

const NOWHERE = '';

/** The bay of the same page that a button jumps to. */
export function JumpTarget({ on, bayId, page, value }: OwnControlProps & { value: string }) {
  const set = useSet(on);
  const plan = useDraft((state) => state.plan);
  const others = plan.pages[page.pageId]!.bays.filter(({ id }) => id !== bayId);
  const isGone = value !== NOWHERE && !others.some(({ id }) => id === value);
  return (
    <div data-setting="target">
      <Pick
        label="Jumps to"
        value={value}
        options={[
          { value: NOWHERE, words: 'Nowhere yet' },
          ...others.map((bay) => ({ value: bay.id, words: bayName(bay, plan) })),
          ...(isGone ? [{ value, words: 'A bay that is gone' }] : []),
        ]}
        onChange={(id) => set('target', id === NOWHERE ? undefined : id)}
      />
    </div>
  );
}
