import styled from 'styled-components';
import { Button } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';

const Filters = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  color: ${t.ink2};
  [aria-pressed='true'] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
  }
`;

interface MissingFiltersProps<Id extends string> {
  lacking: readonly { id: Id; words: string; count: number }[];
  chosen: Id | null;
  onChoose(id: Id | null): void;
}

/** What things of a list lack, each with how many do, and a press that lists just those. */
export function MissingFilters<Id extends string>({ lacking, chosen, onChoose }: MissingFiltersProps<Id>) {
  const shown = lacking.filter(({ id, count }) => count > 0 || id === chosen);
  if (shown.length === 0) return null;
  return (
    <Filters role="group" aria-label="Missing">
      <span aria-hidden="true">Missing</span>
      {shown.map(({ id, words, count }) => (
        <Button key={id} aria-pressed={id === chosen} onPress={() => onChoose(id === chosen ? null : id)}>
          <b>{count}</b> {words}
        </Button>
      ))}
    </Filters>
  );
}
