import { useState } from 'react';
import styled from 'styled-components';
import { partKind } from '../../../core/card/parts/index.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { readyTablesFor, startFromTable } from '../../../core/table/ready/index.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { t } from '../../ui/theme.ts';

const Tables = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 18px;
  padding: 4px;
  li {
    display: grid;
    gap: 6px;
    align-content: start;
  }
  p {
    color: ${t.ink2};
    font-size: 12px;
  }
`;

/** Ready-made tables to start from. */
export function ReadyTables({ shelf }: { shelf: Shelf }) {
  const [open, setOpen] = useState(false);
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const { of } = assortmentOf(plan, shelf);
  return (
    <div>
      <Button onPress={() => setOpen(true)}>Ready-made tables</Button>
      <Dialog title="Ready-made tables" open={open} onClose={() => setOpen(false)} wide>
        <p>What you set of the parts themselves, such as own text, stays. One step back undoes it.</p>
        <Tables role="list" aria-label="Ready-made tables">
          {readyTablesFor(of).map((ready) => (
            <li key={ready.id}>
              <Button
                onPress={() => {
                  draft.run(startFromTable(shelf.id, of, ready, plan.house.bands));
                  setOpen(false);
                }}
              >
                {ready.name}
              </Button>
              <p>{ready.about}</p>
              <p>
                {ready.columns
                  .filter(({ id }) => partKind(id)!.of.includes(of))
                  .map(({ id }) => partKind(id)!.name)
                  .join(' · ')}
              </p>
            </li>
          ))}
        </Tables>
      </Dialog>
    </div>
  );
}
