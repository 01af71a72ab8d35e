import { assortmentOf } from '../../../core/plan/showing.ts';
import { useDraft } from '../../studioContext.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { SettingControl } from '../SettingControl.tsx';
import { Hint } from '../Stack.tsx';

/** What becomes of a short last row; filling it needs a top-up to fill it from. */
export function LastRow({ shelf, ...props }: OwnControlProps) {
  const plan = useDraft((state) => state.plan);
  const assortment = shelf && assortmentOf(plan, shelf);
  const tops = assortment?.of === 'products' && assortment.fallback?.then === 'topUp';
  const fills = shelf && Object.values(shelf.lastRow).includes('fill');
  return (
    <>
      <SettingControl {...props} />
      {fills && !tops && (
        <Hint>There is no top-up to fill it from. Under Shows, top up from another assortment.</Hint>
      )}
    </>
  );
}
