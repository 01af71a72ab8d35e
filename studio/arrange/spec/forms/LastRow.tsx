import type { Align, LastRow } from '../../../../core/plan/shelf.ts';
import { useDraft } from '../../../studioContext.tsx';
import { Hint, VaryingChoice } from '../lines/controls.tsx';
import { assortmentOf } from '../../../../core/plan/plan.ts';
import type { Section, SectionProps } from './section.ts';

const policies: { value: LastRow; words: string }[] = [
  { value: 'leave', words: 'Leave it' },
  { value: 'drop', words: 'Drop it' },
  { value: 'fill', words: 'Fill it from the fallback' },
];

const places: { value: Align; words: string }[] = [
  { value: 'start', words: 'At the start' },
  { value: 'center', words: 'In the middle' },
  { value: 'end', words: 'At the end' },
];

function Policy({ shelf, on, at }: SectionProps) {
  const plan = useDraft((state) => state.plan);
  const assortment = assortmentOf(plan, shelf);
  const tops = assortment.of === 'products' && assortment.fallback?.then === 'topUp';
  const fills = Object.values(shelf.lastRow).includes('fill');
  if (shelf.paging.by !== 'none') return null;
  return (
    <>
      <VaryingChoice
        id="lastRow"
        title="A short last row"
        on={on}
        value={shelf.lastRow}
        options={policies}
        at={at}
      />
      {fills && !tops && (
        <Hint>
          There is no fallback to fill it from. Give it one under Shows: top up from another assortment.
        </Hint>
      )}
    </>
  );
}

export const lastRow: Section = { of: 'lastRow', Controls: Policy };

export const lastRowAlign: Section = {
  of: 'lastRowAlign',
  Controls: ({ shelf, on, at }) => (
    <VaryingChoice
      id="lastRowAlign"
      title="A short last row stands"
      on={on}
      value={shelf.lastRowAlign}
      options={places}
      at={at}
    />
  ),
};
