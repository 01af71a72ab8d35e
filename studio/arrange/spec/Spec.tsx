import { Fragment, lazy, Suspense, useEffect, useLayoutEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { bayKind, specOf } from '../../../core/bays/index.ts';
import { isEdge } from '../../../core/pages/index.ts';
import { tabName } from '../../../core/bays/tabItem.ts';
import { assortmentOf, topUpName } from '../../../core/plan/showing.ts';
import { bayName, placesOf } from '../../../core/plan/places.ts';
import { listed } from '../../../core/sentence/sentence.ts';
import type { LineId } from '../../../core/settings/setting.ts';
import { shelvesIn } from '../../../core/view/shelvesIn.ts';
import { LineSettings } from '../../settings/LineSettings.tsx';
import { Stack } from '../../settings/Stack.tsx';
import { useDraft, useNames, useStudio } from '../../studioContext.tsx';
import { Button, TextButton } from '../../ui/Button.tsx';
import { isTyping } from '../../ui/isTyping.ts';
import { t } from '../../ui/theme.ts';
import { useArranging, useShelf, useView } from '../arrangeContext.tsx';
import { newId } from '../elevation/newId.ts';
import { backToAll } from '../wall/stands.ts';
import { followFocus } from '../settingAt.ts';
import { aboutOf } from './about.ts';
import { Count } from './Count.tsx';
import { FindSetting } from './FindSetting.tsx';
import { SentenceLine } from './SentenceLine.tsx';
import { useFocusOn } from './useFocusOn.ts';

/** So much of a line that is opened is in sight at least, px. */
const LEAST_SEEN_PX = 60;

/** Fetched once the page itself is chosen. */
const PageSpec = lazy(() => import('./PageSpec.tsx').then((module) => ({ default: module.PageSpec })));

/** Fetched once something is to be copied. */
const CopyLines = lazy(() => import('./CopyLines.tsx').then((module) => ({ default: module.CopyLines })));

const Panel = styled.section`
  grid-area: spec;
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  overflow: hidden auto;
  /* Controls that are fetched come in above others; what was opened stays where it is. */
  overflow-anchor: none;
  /* What is gone to is not put under the head of its line. */
  scroll-padding-top: 44px;
  display: flex;
  flex-direction: column;
  header {
    padding: 13px 16px 12px;
    border-bottom: 1px solid ${t.line};
  }
  h2 {
    font: 600 16px/1.25 ${t.names};
    overflow-wrap: anywhere;
  }
  header p {
    color: ${t.ink2};
    margin-top: 2px;
  }
  .find {
    margin-top: 9px;
  }
  .shared {
    margin-top: 8px;
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
  }
`;

const LineBox = styled.div`
  border-bottom: 1px solid ${t.line};
  display: grid;
  grid-template-columns: 68px minmax(0, 1fr);
  position: relative;
  padding: 11px 16px 12px;
  &[data-open] {
    background: #fff;
    display: block;
  }
  &[data-open]::before {
    content: '';
    position: absolute;
    inset: 0 auto 0 0;
    width: 4px;
    background: ${t.pine};
  }
  .label {
    all: unset;
    align-self: start;
    color: ${t.ink2};
    cursor: pointer;
    font-size: 12px;
    line-height: 19px;
    border-radius: 3px;
  }
  .label:focus-visible {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
  &[data-open] .label {
    font: 600 13px/1.4 ${t.text};
    color: ${t.ink};
    flex: 1;
  }
  /* However far down a line one is, it is done with one press. */
  &[data-open] .head {
    position: sticky;
    top: 0;
    z-index: 5;
    margin: -11px -16px 0;
    padding: 8px 16px;
    background: #fff;
    display: flex;
    align-items: center;
    justify-content: space-between;
  }
`;

/** What the lines below it are about. */
const TabHead = styled.div`
  padding: 9px 16px;
  background: ${t.pineSoft};
  border-bottom: 1px solid ${t.line};
  color: ${t.ink2};
  font-size: 12px;
  h3 {
    display: inline;
    font: 600 14px/1.25 ${t.names};
    color: ${t.ink};
    margin-inline-end: 5px;
    overflow-wrap: anywhere;
  }
`;

/** The chosen bay as lines; each a sentence that opens in place. With no bay chosen, the page itself. */
export function Spec() {
  const { draft } = useStudio();
  const { page, bay, shelfId, open, openLine, trial } = useArranging();
  const view = useView();
  const shelf = useShelf();
  const [copying, setCopying] = useState(false);
  const plan = useDraft((state) => state.plan);
  const names = useNames();
  const assortment = shelf && assortmentOf(plan, shelf);
  const panel = useRef<HTMLElement>(null);
  useFocusOn(open, panel);
  // Another bay is read from its heading on.
  useLayoutEffect(() => {
    panel.current?.scrollTo?.({ top: 0 });
  }, [bay?.id]);
  // A line that was open above it has closed; what was opened is in sight all the same.
  useLayoutEffect(() => {
    if (!open || open.setting || !panel.current) return;
    const line = panel.current.querySelector(`[data-line="${open.line}"]`);
    const { top, bottom } = panel.current.getBoundingClientRect();
    const at = line?.getBoundingClientRect().top ?? top;
    // Its head is in sight wherever it is, so that what counts is where the line begins.
    if (at < top || at > bottom - LEAST_SEEN_PX) line?.scrollIntoView?.({ block: 'start' });
  }, [open]);
  const stored = useDraft((state) => state.draft);
  const about = aboutOf(stored, plan, page, bay, shelf);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '/' || isTyping(event.target)) return;
      event.preventDefault();
      panel.current?.querySelector<HTMLInputElement>('.find input')?.focus();
    };
    // Before controls, which keep the keys that they are pressed by to themselves.
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, []);

  if (!bay)
    return (
      <Suspense fallback={<Panel aria-label="Spec" />}>
        <PageSpec page={page} about={about} view={view} />
      </Suspense>
    );
  const spec = specOf(bay.holds, isEdge(page));
  const tabs = bayKind(bay.holds).tabs?.(bay as never) ?? [];
  const tab = tabs.find((one) => one.shelfId === shelfId);
  const drawn = view.bays.find((one) => one.id === bay.id);
  const drawnShelf = (drawn && shelvesIn(drawn).find(({ id }) => id === shelf?.id)) ?? null;
  const total = drawnShelf?.own ?? null;
  const places = shelfId === null ? [] : placesOf(plan, shelfId);
  /** Closes a line and shows all of the page again; the keyboard stays at the line. */
  const done = (line: string) => {
    openLine(null);
    backToAll();
    panel.current?.querySelector<HTMLElement>(`[data-line="${line}"] .label`)?.focus();
  };
  const elsewhere = places.filter((place) => place.bayId !== bay.id || place.page.id !== page.id);
  const at = page.bays.findIndex((one) => one.id === bay.id);

  return (
    <Panel
      ref={panel}
      aria-label="Spec"
      onFocus={({ target }) => followFocus(target)}
      onBlur={() => followFocus(null)}
    >
      <header>
        <h2>{bayName(bay, plan)}</h2>
        <p>
          Bay {at + 1} of {page.bays.length}{' '}
          {isEdge(page) ? `in the ${page.name.toLowerCase()}` : `on ${page.name}`}.
          {elsewhere.length > 0 && shelf && shelfId !== null && (
            <>
              {' '}
              Changes also apply on {listed(elsewhere.map((place) => place.page.name))}.{' '}
              <TextButton
                onPress={() =>
                  draft.run({
                    do: 'unlink',
                    page: page.id,
                    bay: bay.id,
                    shelf: shelfId,
                    newId: newId(shelfId, plan),
                  })
                }
              >
                Unlink
              </TextButton>
            </>
          )}
        </p>
        {shelf && shelfId !== null && (
          <div className="shared">
            {trial ? (
              <span>Changes go to {trial.edits === 'other' ? 'the other way' : 'the shelf as it is'}.</span>
            ) : (
              <Button onPress={() => draft.run({ do: 'tryAnother', shelf: shelf.id })}>
                Try another way
              </Button>
            )}
            <Button onPress={() => setCopying(true)}>Copy settings…</Button>
          </div>
        )}
        {copying && shelfId !== null && (
          <Suspense fallback={null}>
            <CopyLines
              from={{ page: page.id, bay: bay.id, shelf: shelfId }}
              onClose={() => setCopying(false)}
            />
          </Suspense>
        )}
        <div className="find">
          <FindSetting
            pageId={page.id}
            bayId={bay.id}
            shelfId={shelf?.id ?? null}
            lines={spec}
            of={assortment?.of ?? null}
            openLine={openLine}
          />
        </div>
      </header>
      {spec.map((line) => {
        const isOpen = open?.line === line.id;
        return (
          <Fragment key={line.id}>
            {line.id === COUNTED && tab && (
              <TabHead>
                <h3>{tabName(tab, tabs.indexOf(tab), names.shelf)}</h3> Tab {tabs.indexOf(tab) + 1} of{' '}
                {tabs.length}
              </TabHead>
            )}
            <LineBox data-open={isOpen || undefined} data-line={line.id}>
              <div className="head">
                <button
                  className="label"
                  type="button"
                  aria-expanded={isOpen}
                  onClick={() => openLine(isOpen ? null : line.id)}
                >
                  {line.name}
                </button>
                {isOpen && <TextButton onPress={() => done(line.id)}>{line.name} done</TextButton>}
              </div>
              {isOpen ? (
                <Stack>
                  {about.map((one) => (
                    <LineSettings
                      key={JSON.stringify(one.on)}
                      line={line.id}
                      {...one}
                      bands={plan.house.bands}
                      of={assortment?.of ?? null}
                      view={drawnShelf}
                      page={view}
                      bayId={bay.id}
                      wanted={open.setting}
                    />
                  ))}
                </Stack>
              ) : (
                <div>
                  <SentenceLine
                    line={line.id}
                    sentence={line.say({ bay: bay, shelf, assortment, names, total })}
                    onOpen={openLine}
                  />
                  {line.id === COUNTED && shelf && assortment && (
                    <Count
                      shelfId={shelf.id}
                      view={drawnShelf}
                      of={assortment.of}
                      toppedUpFrom={topUpName(plan, assortment)}
                    />
                  )}
                </div>
              )}
            </LineBox>
          </Fragment>
        );
      })}
    </Panel>
  );
}

/** The line beside which the number that matches is said. */
const COUNTED: LineId = 'shows';
