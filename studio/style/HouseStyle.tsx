import { useCallback, useMemo, useState } from 'react';
import { VisuallyHidden } from 'react-aria/VisuallyHidden';
import { NavLink, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { ELEMENT_GROUPS, type ElementGroup } from '../../core/style/element.ts';
import { elements } from '../../core/style/elements/index.ts';
import { readPath } from '../../core/settings/path.ts';
import type { Target } from '../../core/plan/target.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { Saved } from '../arrange/foot/Saved.tsx';
import { DraftBoundary } from '../DraftBoundary.tsx';
import { Hint } from '../settings/Stack.tsx';
import { useDraft } from '../studioContext.tsx';
import { t } from '../ui/theme.ts';
import { countSet, ElementEditor, useStateOf } from './ElementEditor.tsx';
import { apply } from '../../core/plan/commands.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { HouseColours } from './HouseColours.tsx';
import { StoreRules } from '../rules/StoreRules.tsx';
import { StoreTexts } from '../texts/StoreTexts.tsx';
import { Scales } from './Scales.tsx';
import { Schemes } from './Schemes.tsx';
import { Typefaces } from './Typefaces.tsx';
import { Tokens } from './Tokens.tsx';
import type { Tried } from './tried.ts';
import { Specimen } from './Specimen.tsx';

const Ground = styled.div`
  display: grid;
  grid-template: 'list editor specimen' minmax(0, 1fr) / 206px 332px minmax(0, 1fr);
  min-height: 0;
  min-width: 0;
  background: ${t.wall};
  /* What it looks like stands under what it is set by, where there is no room beside. */
  @container studio (max-width: 900px) {
    grid-template: 'list editor' minmax(0, 1fr) 'specimen specimen' minmax(0, 1fr) / 206px minmax(0, 1fr);
  }
`;

const List = styled.nav`
  grid-area: list;
  overflow: auto;
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  padding: 13px 10px;
  display: flex;
  flex-direction: column;
  gap: 2px;
  h2 {
    font: 600 16px/1.25 ${t.names};
    padding: 0 8px;
  }
  > p {
    color: ${t.ink2};
    padding: 0 8px 6px;
  }
  h3 {
    font: 600 12px/1.4 ${t.text};
    color: ${t.ink2};
    padding: 10px 8px 3px;
  }
  a {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    padding: 5px 8px;
    border-radius: ${t.corner};
    color: inherit;
    text-decoration: none;
  }
  a span {
    color: ${t.ink2};
    white-space: nowrap;
  }
  a.active {
    background: ${t.pineSoft};
    color: ${t.pine};
    font-weight: 600;
  }
  a:focus-visible {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  .saved {
    margin-top: auto;
    padding: 12px 8px 0;
  }
`;

const Editor = styled.div`
  grid-area: editor;
  overflow: hidden auto;
  /* What is hidden in it scrolls with it, and not the page. */
  position: relative;
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  padding: 13px 14px 24px;
  display: flex;
  flex-direction: column;
  gap: 10px;
`;

/** What concerns all elements at once; what is tried there is seen on the specimen. */
const places = [
  { id: 'schemes', name: 'Schemes', Editor: Schemes },
  { id: 'typefaces', name: 'Typefaces', Editor: Typefaces },
  { id: 'scale', name: 'Sizes and spaces', Editor: Scales },
  { id: 'tokens', name: 'Design tokens', Editor: Tokens },
  { id: 'rules', name: 'Own rules', Editor: StoreRules },
  { id: 'texts', name: 'Store texts', Editor: StoreTexts },
];

const HOUSE: Target = { house: true };

const groups = Object.entries(ELEMENT_GROUPS) as [ElementGroup, string][];

/** The place where every element is styled for the whole store, state by state, beside a page that shows it. */
export default function HouseStyle() {
  const { elementId } = useParams();
  const navigate = useNavigate();
  const [tried, setTried] = useState<Tried | null>(null);
  const stored = useDraft(({ draft }) => draft);
  const house = useDraft(({ plan }) => plan.house);
  const chosen = elements.find(({ id }) => id === elementId) ?? null;
  const place = places.find(({ id }) => id === elementId);
  const triedPlan = useMemo(
    () => (place && tried ? completePlan(apply(stored, tried.command)) : undefined),
    [place, tried, stored],
  );
  const [state, setState] = useStateOf(chosen);
  const openElement = useCallback((id: string) => void navigate(`/house-style/${id}`), [navigate]);
  const setOf = (id: string) => countSet(readPath(stored.house, `style.${id}`));
  return (
    <Ground>
      <VisuallyHidden elementType="h1">House style</VisuallyHidden>
      <List aria-label="Elements">
        <h2>House style</h2>
        <p>Holds for every page and shelf that sets nothing else.</p>
        <NavLink to="/house-style" end>
          Colours
        </NavLink>
        {places.map(({ id, name }) => (
          <NavLink key={id} to={`/house-style/${id}`} onClick={() => setTried(null)}>
            {name}
          </NavLink>
        ))}
        {groups.map(([group, name]) => (
          <div key={group}>
            <h3>{name}</h3>
            {elements
              .filter((one) => one.group === group)
              .map(({ id, name: words }) => (
                <NavLink key={id} to={`/house-style/${id}`}>
                  {words}
                  {setOf(id) > 0 && <span>{setOf(id)} set</span>}
                </NavLink>
              ))}
          </div>
        ))}
        <div className="saved">
          <Saved />
        </div>
      </List>
      <DraftBoundary what="What is set" style={{ gridArea: 'editor' }}>
        <Editor key={chosen?.id}>
          {chosen ? (
            <>
              <ElementEditor
                on={HOUSE}
                element={chosen}
                levels={[house.style]}
                behind={null}
                state={state}
                onState={setState}
              />
              {chosen.on !== 'house' && (
                <Hint>A shelf or a bay that sets something of its own in its Look keeps that.</Hint>
              )}
            </>
          ) : place ? (
            <place.Editor tried={tried} onTry={setTried} />
          ) : (
            <HouseColours />
          )}
        </Editor>
      </DraftBoundary>
      <DraftBoundary what="The page" style={{ gridArea: 'specimen' }}>
        <Specimen
          element={chosen}
          state={state}
          onState={setState}
          tried={triedPlan}
          onPress={openElement}
          said={(count) =>
            triedPlan
              ? `${tried!.name}, tried on this page`
              : chosen &&
                (count === 0 ? `This page has none of it.` : `${counted(count, 'time')} on this page`)
          }
        />
      </DraftBoundary>
    </Ground>
  );
}
