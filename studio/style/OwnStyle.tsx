import { Fragment, useState } from 'react';
import styled from 'styled-components';
import { elements, styleElement } from '../../core/style/elements/index.ts';
import { ELEMENT_GROUPS, type StyleElement } from '../../core/style/element.ts';
import { intoHouse, pageIntoHouse } from '../../core/style/intoHouse.ts';
import { setOnly } from '../../core/style/setValues.ts';
import { elementOfSetting, type Style } from '../../core/style/styleTree.ts';
import { styleOnPage } from '../../core/style/styleOnPage.ts';
import { readPath } from '../../core/settings/path.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { subjectOf, type Target } from '../../core/plan/target.ts';
import { lowered } from '../../core/sentence/sentence.ts';
import { elementsDrawn, isDrawnOn } from '../../core/view/elementsDrawn.ts';
import type { OwnControlProps } from '../settings/own/ownControl.ts';
import { Hint } from '../settings/Stack.tsx';
import { useSet } from '../settings/useSetting.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Button, TextButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import { countSet, ElementEditor, useStateOf } from './ElementEditor.tsx';
import type { WhereFrom } from './StyleRow.tsx';

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
  .elements h4 {
    flex: 1 0 100%;
    margin: 4px 0 0;
    font: 500 12px/1.4 ${t.text};
    color: ${t.ink2};
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

/** What the elements are of, in words. */
const WHOSE = {
  shelf: { heading: 'The shelf and its cards', elements: 'Elements of the shelf' },
  bay: { heading: 'The bay', elements: 'Elements of the bay' },
  page: { heading: 'Style of this page', elements: 'Elements of the page' },
};

const whoseOf = (on: Target): keyof typeof WHOSE => {
  if ('shelf' in on) return 'shelf';
  return 'page' in on && on.bay === undefined ? 'page' : 'bay';
};

const NOTHING: Style = {};

/** What the style is of, complete; undefined where it is gone. */
function styledOf({ shelves, pages }: Plan, on: Target): { style: Style } | undefined {
  if ('shelf' in on) return shelves[on.shelf];
  if (!('page' in on)) return undefined;
  const page = pages[on.page];
  return on.bay === undefined ? page : page?.bays.find(({ id }) => id === on.bay);
}

/** The elements in the groups that they are listed in, where there are so many that they need it. */
const inGroups = (shown: readonly StyleElement[]): [name: string, elements: StyleElement[]][] =>
  Object.entries(ELEMENT_GROUPS)
    .map(([id, name]): [string, StyleElement[]] => [name, shown.filter(({ group }) => group === id)])
    .filter(([, some]) => some.length > 0);

/** What of its elements a shelf, a bay or a page has apart from the house, element by element. */
export function OwnStyle({ on, shelf, view, page, bayId, wanted }: OwnControlProps) {
  const { draft } = useStudio();
  const set = useSet(on);
  const subject = subjectOf(
    useDraft((state) => state.draft),
    on,
  );
  const plan = useDraft((state) => state.plan);
  const { house } = plan;
  const stored = readPath(subject?.document, 'style');
  const document = styledOf(plan, on);
  const [open, setOpen] = useState({ id: elementOfSetting(wanted), wanted });
  // A setting that is gone to opens its element.
  if (open.wanted !== wanted) setOpen({ id: elementOfSetting(wanted) ?? open.id, wanted });
  const chosen = open.id === null ? null : styleElement(open.id);
  const [state, setState] = useStateOf(chosen);
  if (!subject || !document) return null;
  const own = document.style;
  const whose = whoseOf(on);
  const ofPage = plan.pages[page.pageId]?.style ?? NOTHING;
  const onPage = styleOnPage(house.style, ofPage, house.bands);
  const whereFrom: WhereFrom = ({ level, element, state: at }, property) => {
    const isOfPage = setOnly(ofPage)[element]?.[at]?.[property] !== undefined;
    if (whose === 'page') return isOfPage ? '' : 'house style';
    if (level === 0) return '';
    return isOfPage ? 'style of the page' : 'house style';
  };
  const offered = new Set(subject.settings.flatMap(({ id }) => elementOfSetting(id) ?? []));
  const read = (id: string) => readPath(document, id);
  const drawn = whose === 'page' ? new Set(elementsDrawn(page, plan)) : null;
  const isDrawn = (one: StyleElement) => {
    if (drawn) return drawn.has(one);
    // What is not drawn may be anything.
    return view ? isDrawnOn(one, view, read) : (one.isUsed?.(read, { moves: true, isTable: true }) ?? true);
  };
  const isShown = (one: StyleElement) =>
    one.id === open.id || countSet(readPath(stored, one.id)) > 0 || isDrawn(one);
  const shown = elements.filter((one) => offered.has(one.id) && isShown(one));
  const count = countSet(stored);
  const look = page.bays.find(({ id }) => id === bayId)?.look;
  const { heading, elements: label } = WHOSE[whose];
  const groups: [string, StyleElement[]][] = drawn ? inGroups(shown) : [['', shown]];
  const isOverHouse = whose === 'page' || onPage === house.style;
  const rest = isOverHouse ? 'the house' : 'the page';
  const intoStore = whose === 'page' ? pageIntoHouse : intoHouse;
  const editor = chosen && offered.has(chosen.id) && (
    <ElementEditor
      key={chosen.id}
      on={on}
      element={chosen}
      levels={whose === 'page' ? [onPage] : [own, onPage]}
      whereFrom={whereFrom}
      behind={whose === 'page' ? page.background : (look?.background ?? null)}
      framed={shelf !== null && shelf.card.frame !== 'plain'}
      state={state}
      onState={setState}
    />
  );
  return (
    <Box>
      <h3>{heading}</h3>
      {drawn && (
        <Hint>
          Everything on this page, header and footer included, in the place of House style. What a bay or a
          shelf sets itself stays as it is.
        </Hint>
      )}
      {groups.map(([name, some]) => (
        <Fragment key={name}>
          <div className="elements" role="group" aria-label={name ? `${label}: ${lowered(name)}` : label}>
            {name && <h4>{name}</h4>}
            {some.map((one) => (
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
          {chosen && some.includes(chosen) && editor}
        </Fragment>
      ))}
      <div className="ends">
        <Hint>{count > 0 ? `${count} set here; all else is as ${rest}.` : `All is as ${rest}.`}</Hint>
        {count > 0 && <TextButton onPress={() => set('style', undefined)}>Reset all</TextButton>}
        {/* On a page with a style of its own, that would come over it there. */}
        {count > 0 && isOverHouse && (
          <Button onPress={() => draft.run(intoStore(own, house.style, on, house.bands))}>
            Use in the whole store
          </Button>
        )}
      </div>
    </Box>
  );
}
