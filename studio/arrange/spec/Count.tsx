import { ofWords, type Of } from '../../../core/assortment/of.ts';
import styled from 'styled-components';
import { useStore } from 'zustand';
import { sayMatches } from '../../../core/sentence/sentence.ts';
import type { ShelfView } from '../../../core/view/view.ts';
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

export interface CountProps {
  shelfId: string;
  /** What is shown of it; null while it shows nothing. */
  view: ShelfView | null;
  of: Of;
  /** Name of the assortment that tops it up; null where none does. */
  toppedUpFrom: string | null;
}

/** How many match now, and to how many they were topped up, beside the choice that it counts. */
export function Count({ shelfId, view, of, toppedUpFrom }: CountProps) {
  const { items } = useStudio();
  const waiting = useStore(items, (state) => state.waiting.has(shelfId));
  if (!view) return null;
  const words = waiting ? 'counting…' : sayMatches(view.own, view.total, toppedUpFrom);
  return (
    <Mark
      data-none={(!waiting && view.own === 0) || undefined}
      role="status"
      aria-label={`${words} of ${ofWords[of].many}`}
    >
      {words}
    </Mark>
  );
}
