import { useState } from 'react';
import { Checkbox as AriaCheckbox, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import { bayName, changesBetween } from '../../../core/change/change.ts';
import { apply } from '../../../core/plan/commands.ts';
import { COPIED_LINES, copyLines, type BayPlace, type CopiedLine } from '../../../core/plan/copyLines.ts';
import { linesOf } from '../../../core/plan/lines.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useDraft, useNames, useStudio } from '../../studioContext.tsx';
import { Button, MainButton } from '../../ui/Button.tsx';
import { Dialog, DialogFoot } from '../../ui/Dialog.tsx';
import { t } from '../../ui/theme.ts';

const Check = styled(AriaCheckbox)`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 4px 0;
  cursor: pointer;
  &::before {
    content: '';
    width: 16px;
    height: 16px;
    border: 1px solid ${t.edge};
    border-radius: 4px;
    background: #fff;
    flex: none;
  }
  &[data-selected]::before {
    content: '✓';
    background: ${t.pine};
    border-color: ${t.pine};
    color: #fff;
    font: 600 12px/15px ${t.text};
    text-align: center;
  }
  &[data-focus-visible]::before {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

const Two = styled.div`
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 20px;
  min-height: 0;
  overflow: auto;
  .react-aria-CheckboxGroup > span:first-child {
    font-weight: 600;
  }
  h3 {
    font: 600 13px/1.4 ${t.text};
    margin-top: 6px;
    color: ${t.ink2};
  }
`;

const Changes = styled.ul`
  list-style: none;
  margin: 0;
  padding: 9px 11px;
  background: ${t.wall};
  border-radius: ${t.corner};
  max-height: 150px;
  min-height: 44px;
  overflow: auto;
`;

const keyOf = ({ page, bay }: BayPlace) => `${page} ${bay}`;

/** Copies lines of the spec to other shelves; what will change is said before it is done. */
export function CopyLines({ from, onClose }: { from: BayPlace; onClose(): void }) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const names = useNames();
  const [lines, setLines] = useState<CopiedLine[]>(['across']);
  const [chosen, setChosen] = useState<string[]>([]);
  const source = plan.pages[from.page]?.bays.find((bay) => bay.id === from.bay);
  const shelfId = source?.holds === 'shelf' ? source.shelfId : null;
  const pages = Object.values(plan.pages)
    .map((page) => ({
      page,
      bays: page.bays.filter((bay) => bay.holds === 'shelf' && bay.shelfId !== shelfId),
    }))
    .filter(({ bays }) => bays.length > 0);
  const places = pages.flatMap(({ page, bays }) => bays.map((bay) => ({ page: page.id, bay: bay.id })));
  const to = places.filter((place) => chosen.includes(keyOf(place)));
  const command = copyLines(plan, from, lines, to);
  const changes = changesBetween(plan, apply(plan, command), names);
  return (
    <Dialog title="Copy to other shelves" open onClose={onClose}>
      <Two>
        <CheckboxGroup value={lines} onChange={(next) => setLines(next as CopiedLine[])}>
          <Label>What</Label>
          {COPIED_LINES.map((id) => (
            <Check key={id} value={id}>
              {linesOf.shelf.find((line) => line.id === id)!.name}
            </Check>
          ))}
        </CheckboxGroup>
        <CheckboxGroup value={chosen} onChange={setChosen}>
          <Label>To which</Label>
          {pages.map(({ page, bays }) => (
            <div key={page.id}>
              <h3>{page.name}</h3>
              {bays.map((bay) => (
                <Check key={bay.id} value={keyOf({ page: page.id, bay: bay.id })}>
                  {bayName(bay, plan)}
                </Check>
              ))}
            </div>
          ))}
          {pages.length === 0 && <p>There is no other shelf.</p>}
        </CheckboxGroup>
      </Two>
      <Changes aria-label="What will change">
        {changes.map((change) => (
          <li key={change.id}>
            <b>{change.where}:</b> {change.text}
          </li>
        ))}
        {changes.length === 0 && (
          <li>{to.length ? 'They are the same already.' : 'Choose what, and to which shelves.'}</li>
        )}
      </Changes>
      <DialogFoot>
        <Button onPress={onClose}>Leave it</Button>
        <MainButton
          isDisabled={changes.length === 0}
          onPress={() => {
            draft.run(command);
            onClose();
          }}
        >
          {to.length ? `Copy to ${counted(to.length, 'shelf', 'shelves')}` : 'Copy'}
        </MainButton>
      </DialogFoot>
    </Dialog>
  );
}
