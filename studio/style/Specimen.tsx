import { useCallback, useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { nominalOf } from '../../core/bands/bands.ts';
import { pageStyles } from '../../core/css/pageCss.ts';
import type { Page } from '../../core/plan/page.ts';
import { subjectOf } from '../../core/plan/target.ts';
import type { StyleElement } from '../../core/style/element.ts';
import { elementOfSetting } from '../../core/style/styleTree.ts';
import type { StateId } from '../../core/style/states.ts';
import { Frame } from '../arrange/wall/Frame.tsx';
import { stylePressed } from '../arrange/wall/pressed.ts';
import { useSize } from '../arrange/wall/useSize.ts';
import { usePageViews } from '../arrange/usePageViews.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Choice } from '../ui/Choice.tsx';
import { Pick } from '../ui/Pick.tsx';
import { t } from '../ui/theme.ts';

const Ground = styled.section`
  grid-area: specimen;
  min-width: 0;
  min-height: 0;
  padding: 10px 16px 16px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  .bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
  }
  .bar p {
    color: ${t.ink2};
  }
  .room {
    flex: 1;
    min-height: 0;
    overflow: auto;
  }
`;

/** What stands for a state, by attribute, on its card, else on the element itself. */
const AS: Partial<Record<StateId, string>> = {
  cardHover: 'hover',
  hover: 'hover',
  focus: 'focus',
  pressed: 'hover pressed',
};

/** It, or what it stands in, waits until its card is pointed at. */
function isUnseen(element: Element, card: Element): boolean {
  const view = element.ownerDocument.defaultView!;
  for (let at: Element | null = element; at && at !== card; at = at.parentElement)
    if (view.getComputedStyle(at).opacity === '0') return true;
  return false;
}

/** Draws an element in a state wherever it is, without a pointer; says how many there are. */
function drawIn(document: Document, element: StyleElement, state: StateId): number {
  for (const one of document.querySelectorAll('[data-as]')) one.removeAttribute('data-as');
  const all = [...document.querySelectorAll<HTMLElement>(element.selectors.join())].filter(
    (one) => one.getClientRects().length > 0,
  );
  const as = AS[state];
  for (const one of all) {
    const card = element.ofCard && one.closest('.card');
    // Whoever points at what is on a card points at the card; and what is there only then is shown so in any case.
    if (card && (as !== undefined || isUnseen(one, card))) card.setAttribute('data-as', 'hover');
    if (as !== undefined && state !== 'cardHover') one.setAttribute('data-as', as);
  }
  return all.length;
}

export interface SpecimenProps {
  element: StyleElement | null;
  state: StateId;
  /** An element was pressed in it. */
  onPress(elementId: string): void;
  /** What is said of how often the element is on the page. */
  said(count: number): ReactNode;
}

/** A page of the store at a width that is chosen, with the element that is styled drawn in its state. */
export function Specimen(props: SpecimenProps) {
  const pages = useDraft(({ plan }) => plan.pages);
  const [pageId, setPageId] = useState('home');
  const page = pages[pageId] ?? Object.values(pages)[0];
  if (!page) return null;
  return (
    <Ground aria-label="Specimen">
      <Drawn
        key={page.id}
        page={page}
        {...props}
        pick={
          <Pick
            label="Page of the specimen"
            shown={false}
            value={page.id}
            options={Object.values(pages).map(({ id, name }) => ({ value: id, words: name }))}
            onChange={setPageId}
          />
        }
      />
    </Ground>
  );
}

function Drawn({
  page,
  pick,
  element,
  state,
  onPress,
  said,
}: SpecimenProps & { page: Page; pick: ReactNode }) {
  const { draft } = useStudio();
  const view = usePageViews(page, page).asItIs;
  const { bands } = view;
  const [bandId, setBandId] = useState(bands.at(-1)!.id);
  const band = bands.find(({ id }) => id === bandId) ?? bands[0]!;
  const [measure, size] = useSize();
  const [document, setDocument] = useState<Document | null>(null);
  const [count, setCount] = useState(0);
  // Whatever is drawn anew is drawn in the state again.
  useEffect(() => {
    if (!document || !element) return undefined;
    const drawing = requestAnimationFrame(() => setCount(drawIn(document, element, state)));
    return () => cancelAnimationFrame(drawing);
  }, [document, element, state, view, band]);
  useEffect(() => {
    if (document && element)
      document.querySelector(element.selectors.join())?.scrollIntoView({ block: 'center' });
  }, [document, element]);
  const press = useCallback(
    (_: string | null, target: Element) => {
      const settings = subjectOf(draft.getState().draft, { house: true })?.settings ?? [];
      const id = elementOfSetting(stylePressed(target, settings)?.id ?? null);
      if (id !== null) onPress(id);
    },
    [draft, onPress],
  );
  const { width } = nominalOf(bands, band);
  const scale = Math.min(1, size.width / width);
  return (
    <>
      <div className="bar">
        {pick}
        <Choice
          label="Width of the specimen"
          shown={false}
          value={band.id}
          options={bands.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={setBandId}
        />
        <p role="status">{element && said(count)}</p>
      </div>
      <div className="room" ref={measure}>
        {size.width > 0 && (
          <Frame
            view={view}
            styles={pageStyles(view)}
            widthPx={width}
            heightPx={Math.max(120, size.height)}
            scale={scale}
            name={`Specimen on ${band.name}`}
            chosenBay={null}
            twins
            onPress={press}
            onDocument={setDocument}
          />
        )}
      </div>
    </>
  );
}
