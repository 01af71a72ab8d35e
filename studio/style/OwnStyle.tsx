import { useState } from 'react';
import styled from 'styled-components';
import { elements, styleElement } from '../../core/style/elements/index.ts';
import type { StyleElement } from '../../core/style/element.ts';
import { intoHouse } from '../../core/style/intoHouse.ts';
import { elementOfSetting, type Style } from '../../core/style/styleTree.ts';
import { readPath } from '../../core/settings/path.ts';
import { subjectOf } from '../../core/plan/target.ts';
import type { OwnControlProps } from '../settings/own/ownControl.ts';
import { Hint } from '../settings/Stack.tsx';
import { useSet } from '../settings/useSetting.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Button, TextButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import { countSet, ElementEditor, useStateOf } from './ElementEditor.tsx';

const Box = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  h3 {
    font: 600 13px/1.4 ${t.text};
  }
  .elements {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .elements button[data-chosen] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
    color: ${t.pine};
  }
  .ends {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px;
  }
`;

/** What of its elements a shelf or a bay has apart from the house, element by element. */
export function OwnStyle({ on, shelf, view, page, bayId, wanted }: OwnControlProps) {
  const { draft } = useStudio();
  const set = useSet(on);
  const subject = subjectOf(
    useDraft((state) => state.draft),
    on,
  );
  const house = useDraft(({ plan }) => plan.house);
  const stored = readPath(subject?.document, 'style');
  const document = useDraft(({ plan }): { style: Style } | undefined => {
    if ('shelf' in on) return plan.shelves[on.shelf];
    return 'page' in on ? plan.pages[on.page]?.bays.find(({ id }) => id === on.bay) : undefined;
  });
  const [open, setOpen] = useState({ id: elementOfSetting(wanted), wanted });
  // A setting that is gone to opens its element.
  if (open.wanted !== wanted) setOpen({ id: elementOfSetting(wanted) ?? open.id, wanted });
  const chosen = open.id === null ? null : styleElement(open.id);
  const [state, setState] = useStateOf(chosen);
  if (!subject || !document) return null;
  const own = document.style;
  const offered = new Set(subject.settings.flatMap(({ id }) => elementOfSetting(id) ?? []));
  const read = (id: string) => readPath(document, id);
  // What is not drawn may be anything.
  const draws = {
    moves: view?.steps.some((step) => step.moves) ?? true,
    isTable: view ? view.table !== null : true,
  };
  const isShown = (one: StyleElement) =>
    one.id === open.id ||
    countSet(readPath(stored, one.id)) > 0 ||
    ((!view || (one.items?.includes(view.of) ?? true)) && (one.isUsed?.(read, draws) ?? true));
  const all = elements.filter((one) => offered.has(one.id));
  const shown = all.filter(isShown);
  const count = countSet(stored);
  const look = page.bays.find(({ id }) => id === bayId)?.look;
  return (
    <Box>
      <h3>{shelf ? 'The shelf and its cards' : 'The bay'}</h3>
      <div
        className="elements"
        role="group"
        aria-label={shelf ? 'Elements of the shelf' : 'Elements of the bay'}
      >
        {shown.map((one) => (
          <Button
            key={one.id}
            data-chosen={one.id === open.id || undefined}
            aria-expanded={one.id === open.id}
            onPress={() => setOpen({ id: one.id === open.id ? null : one.id, wanted })}
          >
            {one.name}
            {countSet(readPath(stored, one.id)) > 0 && ' •'}
          </Button>
        ))}
      </div>
      {chosen && offered.has(chosen.id) && (
        <ElementEditor
          key={chosen.id}
          on={on}
          element={chosen}
          levels={[own, house.style]}
          behind={look?.background ?? null}
          framed={shelf !== null && shelf.card.frame !== 'plain'}
          state={state}
          onState={setState}
        />
      )}
      <div className="ends">
        <Hint>{count > 0 ? `${count} set here; all else is as the house.` : 'All is as the house.'}</Hint>
        {count > 0 && (
          <>
            <TextButton onPress={() => set('style', undefined)}>Reset all</TextButton>
            <Button onPress={() => draft.run(intoHouse(own, house.style, on, house.bands))}>
              Use in the whole store
            </Button>
          </>
        )}
      </div>
    </Box>
  );
}
