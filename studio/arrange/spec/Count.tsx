import { ofWords, type Of } from '../../../core/assortment/of.ts';
import styled from 'styled-components';
import { useStore } from 'zustand';
import { useStudio } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';

const Mark = styled.span`
  display: inline-block;
  margin-top: 5px;
  background: ${t.pineSoft};
  color: ${t.pine};
  border-radius: 10px;
  padding: 1px 9px;
  font-weight: 600;
  font-size: 12px;
  &[data-none] {
    background: ${t.brickSoft};
    color: ${t.brick};
  }
`;

/** How many match now, beside the choice that it counts. */
export function Count({ shelfId, total, of }: { shelfId: string; total: number | null; of: Of }) {
  const { items } = useStudio();
  const waiting = useStore(items, (state) => state.waiting.has(shelfId));
  if (total === null) return null;
  const words = waiting ? 'counting…' : `${total} ${total === 1 ? 'matches' : 'match'}`;
  return (
    <Mark
      data-none={(!waiting && total === 0) || undefined}
      role="status"
      aria-label={`${words} of ${ofWords[of].many}`}
    >
      {words}
    </Mark>
  );
}
