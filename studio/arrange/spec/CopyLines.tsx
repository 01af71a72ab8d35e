import { useState } from 'react';
import { Checkbox as AriaCheckbox, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import { bayKind } from '../../../core/bays/index.ts';
import { sayPlace } from '../../../core/change/change.ts';
import { changesBetween } from '../../../core/change/changesBetween.ts';
import { apply } from '../../../core/plan/commands.ts';
import {
  COPIED_LINES,
  copyLines,
  shelfPlaces,
  type CopiedLine,
  type ShelfPlace,
} from '../../../core/plan/copyLines.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import type { StyleElement } from '../../../core/style/element.ts';
import { setValues } from '../../../core/style/setValues.ts';
import { bayName } from '../../../core/plan/places.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useDraft, useNames, useStudio } from '../../studioContext.tsx';
import { Button, MainButton } from '../../ui/Button.tsx';
import { Pick } from '../../ui/Pick.tsx';
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
  .react-aria-Select {
    margin-block: 8px 2px;
  }
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

const ALL = 'all';

/** The elements that a shelf and its bay set something of. */
function styledIn({ shelves, pages }: Plan, { page, bay, shelf }: ShelfPlace): StyleElement[] {
  const styles = [shelves[shelf]?.style, pages[page]?.bays.find(({ id }) => id === bay)?.style];
  return [
    ...new Set(styles.flatMap((style) => (style ? setValues(style) : [])).map(({ element }) => element)),
  ];
}

const keyOf = ({ page, bay, shelf }: ShelfPlace) => `${page} ${bay} ${shelf}`;

/** Copies lines of the spec to other shelves; what will change is said before it is done. */
export function CopyLines({ from, onClose }: { from: ShelfPlace; onClose(): void }) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const stored = useDraft((state) => state.draft);
  const names = useNames();
  const [lines, setLines] = useState<CopiedLine[]>(['columns']);
  const [chosen, setChosen] = useState<string[]>([]);
  const [band, setBand] = useState(ALL);
  const [elements, setElements] = useState<string[] | null>(null);
  const spec = bayKind(plan.pages[from.page]!.bays.find(({ id }) => id === from.bay)!.holds).spec;
  const places = shelfPlaces(stored).filter(({ shelf }) => shelf !== from.shelf);
  const pages = Object.values(plan.pages)
    .map((page) => ({ page, places: places.filter((place) => place.page === page.id) }))
    .filter(({ places: some }) => some.length > 0);
  const to = places.filter((place) => chosen.includes(keyOf(place)));
  const styled = styledIn(plan, from);
  const command = copyLines(stored, from, lines, to, {
    ...(elements && { elements }),
    ...(band !== ALL && { band }),
  });
  const changes = changesBetween(stored, apply(stored, command), names);
  return (
    <Dialog title="Copy settings to other shelves" open onClose={onClose}>
      <Two>
        <div>
          <CheckboxGroup value={lines} onChange={(next) => setLines(next as CopiedLine[])}>
            <Label>Settings</Label>
            {COPIED_LINES.map((id) => (
              <Check key={id} value={id}>
                {spec.find((line) => line.id === id)?.name ?? id}
              </Check>
            ))}
          </CheckboxGroup>
          {lines.includes('look') && styled.length > 0 && (
            <>
              <Pick
                label="Of the look"
                value={elements ? 'some' : ALL}
                options={[
                  { value: ALL, words: 'All of it' },
                  { value: 'some', words: 'Some elements' },
                ]}
                onChange={(next) => setElements(next === ALL ? null : styled.map(({ id }) => id))}
              />
              {elements && (
                <CheckboxGroup aria-label="Elements" value={elements} onChange={setElements}>
                  {styled.map(({ id, name }) => (
                    <Check key={id} value={id}>
                      {name}
                    </Check>
                  ))}
                </CheckboxGroup>
              )}
            </>
          )}
          <Pick
            label="Width"
            value={band}
            options={[
              { value: ALL, words: 'All widths' },
              ...plan.house.bands.map(({ id, name }) => ({ value: id, words: `${name} only` })),
            ]}
            onChange={setBand}
          />
        </div>
        <CheckboxGroup value={chosen} onChange={setChosen}>
          <Label>To</Label>
          {pages.map(({ page, places: some }) => (
            <div key={page.id}>
              <h3>{page.name}</h3>
              {some.map((place) => (
                <Check key={keyOf(place)} value={keyOf(place)}>
                  {bayName(
                    page.bays.find(({ id }) => id === place.bay)!,
                    plan,
                  )}
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
            <b>{sayPlace(change.place)}:</b> {change.text}
          </li>
        ))}
        {changes.length === 0 && (
          <li>{to.length ? 'They are the same already.' : 'Choose what, and to which shelves.'}</li>
        )}
      </Changes>
      <DialogFoot>
        <Button onPress={onClose}>Cancel</Button>
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
