import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { bandById, nominalOf } from '../../../core/bands/bands.ts';
import { pageStyles } from '../../../core/css/pageCss.ts';
import { stepAt } from '../../../core/geometry/steps.ts';
import { cardFaults } from '../../../core/hardCases/cardFaults.ts';
import { hardCases, type Hard } from '../../../core/hardCases/hardCases.ts';
import { asLaidOut } from '../../../core/plan/like.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import { numeral } from '../../../core/sentence/sentence.ts';
import { bayHeight } from '../../../core/view/bayHeight.ts';
import {
  ALONE_AROUND_PX,
  ALONE_GAP_PX,
  alonePx,
  cardsAlone,
  standAcross,
} from '../../../core/view/cardsAlone.ts';
import { cardPxIn, lookedAtPx } from '../../../core/view/clipped.ts';
import { shelvesOn } from '../../../core/view/shelvesIn.ts';
import type { ShelfView } from '../../../core/view/view.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { t } from '../../ui/theme.ts';
import { useNow } from '../../useNow.ts';
import { useArranging, useShelf } from '../arrangeContext.tsx';
import { Frame } from './Frame.tsx';
import type { CardState } from './frameDocument.ts';
import { settingPressed } from './pressed.ts';
import { useHardCandidates } from './useHardCandidates.ts';
import { useSize } from '../../ui/useSize.ts';

const SIDE_PX = 16;
/** Of the names of the rows at the left, px. */
const NAMES_PX = 54;

const Ground = styled.section`
  grid-area: wall;
  min-width: 0;
  min-height: 0;
  overflow: auto;
  padding: 14px ${SIDE_PX}px 24px;
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 16px;
    > p {
      flex: 1 1 160px;
      line-height: 1.3;
    }
  }
  .cases {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin: 12px 0 14px;
    button {
      border: 1px solid ${t.edge};
      border-radius: 14px;
      background: #fff;
      min-height: 28px;
      padding: 2px 11px;
      cursor: pointer;
      &[data-selected] {
        background: ${t.pineSoft};
        border-color: ${t.pine};
        color: ${t.pine};
        font-weight: 600;
      }
    }
  }
  .rows {
    display: grid;
    grid-template-columns: ${NAMES_PX}px max-content;
    gap: 8px 0;
    h3 {
      font: 600 13px/1.3 ${t.names};
      padding-top: 12px;
    }
  }
  .each {
    grid-column: 2;
    display: grid;
    gap: 4px ${ALONE_GAP_PX}px;
    padding: 0 ${ALONE_AROUND_PX}px;
    font-size: 12px;
    > * {
      min-width: 0;
    }
    > p {
      align-self: end;
    }
  }
  .faults > * {
    display: flex;
    flex-direction: column;
    align-items: start;
    gap: 5px;
    li {
      background: ${t.brickSoft};
      border-radius: ${t.corner};
      padding: 5px 8px;
      width: 100%;
      display: grid;
      grid-template-columns: minmax(0, 1fr);
      gap: 4px;
      justify-items: start;
      overflow-wrap: anywhere;
      button {
        white-space: normal;
        text-align: start;
      }
    }
  }
`;

const ROWS: readonly { state: CardState; name: string }[] = [
  { state: 'atRest', name: 'At rest' },
  { state: 'hover', name: 'On hover' },
  { state: 'focus', name: 'With focus' },
];

/** One card of those that are shown, with all the reasons for which it is. */
interface Shown {
  at: number;
  reasons: Hard[];
}

function byItem(hard: readonly Hard[]): Shown[] {
  const items = new Map<number, Hard[]>();
  for (const one of hard) items.set(one.at, [...(items.get(one.at) ?? []), one]);
  return [...items].map(([at, reasons]) => ({ at, reasons }));
}

/** The card of a shelf on the items on which it is likeliest to fail, in every state, at one width at a time. */
export function HardCases({ drawn, choice }: { drawn: ShelfView; choice: ReactNode }) {
  const { bay, open, openLine } = useArranging();
  const { draft, tree } = useStudio();
  const plan = useDraft((state) => state.plan);
  const stored = useDraft((state) => state.draft);
  const shelf = useShelf();
  const now = useNow();
  const { bands } = plan.house;
  const [bandId, setBandId] = useState(bands[0]!.id);
  const band = bandById(bands, bandId) ?? bands[0]!;
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const [measure, { width }] = useSize();
  const asked = useHardCandidates(plan, shelf!);
  const { items, counts } = asked.data ?? { items: [], counts: null };

  const storedShelf = asLaidOut(stored.shelves, stored.shelves[drawn.id]!);
  const step = stepAt(drawn.steps, nominalOf(bands, band).width);
  const cardPx = Math.round(cardPxIn(drawn, step, bands, lookedAtPx(step, bands)));
  const alone = useCallback(
    (some: typeof items) =>
      cardsAlone(
        stored.house,
        bands,
        band.id,
        step.layout,
        [{ shelf: storedShelf, of: drawn.of, items: some }],
        tree,
        now,
      ),
    [stored.house, bands, band.id, step.layout, storedShelf, drawn.of, tree, now],
  );
  /** The hardest items with what is wrong with each. */
  const all = useMemo(() => {
    const page = alone(items);
    const [found] = shelvesOn(page);
    if (!found) return [];
    const { shelf: drawnAlone } = found;
    const at = stepAt(drawnAlone.steps, alonePx(step.layout, 1, cardPx));
    const candidates = items.map((item, i) => ({ item, card: drawnAlone.cards[i]! }));
    return byItem(hardCases(drawnAlone, at, page.bands, cardPx, candidates)).map((one) => ({
      ...one,
      faults: cardFaults(drawnAlone, candidates[one.at]!.card, at, page.bands, cardPx),
    }));
  }, [alone, items, step.layout, cardPx]);

  const fits = Math.max(
    // One under the other there is room for some.
    standAcross(step.layout) ? 1 : 4,
    Math.floor((width - NAMES_PX - 2 * ALONE_AROUND_PX + ALONE_GAP_PX) / (cardPx + ALONE_GAP_PX)),
  );
  // At first as many as there is room for, and those of which something is wrong rather than others.
  const atFirst = new Set([...all].sort((a, b) => b.faults.length - a.faults.length).slice(0, fits));
  const shown = all.flatMap((one) => {
    if (chosen === null) return atFirst.has(one) ? [one] : [];
    const reasons = one.reasons.filter(({ id }) => chosen.has(id));
    return reasons.length > 0 ? [{ ...one, reasons }] : [];
  });
  const casesShown = () => new Set(shown.flatMap(({ reasons }) => reasons.map(({ id }) => id)));
  const isShown = (id: string) => shown.some(({ reasons }) => reasons.some((one) => one.id === id));
  const page = alone(shown.map(({ at }) => items[at]!));
  const ofShown = shelvesOn(page)[0]?.shelf;
  const pagePx = alonePx(step.layout, shown.length, cardPx);
  const bayView = page.bays[0];
  const heightPx = bayView ? bayHeight(bayView, page.bands, pagePx) : 0;
  const scale = Math.min(1, (width - NAMES_PX) / alonePx(step.layout, 1, cardPx));
  const across = standAcross(step.layout) ? shown.length : 1;
  const columns = `repeat(${across}, ${cardPx * scale}px)`;
  const styles = pageStyles(page);
  const press = useCallback(
    (_: string | null, target: Element) => {
      const settings = subjectOf(draft.getState().draft, { shelf: drawn.id })?.settings ?? [];
      const setting = settingPressed(target, settings, open?.line);
      if (setting && bay) openLine(setting.line, setting.id);
    },
    [draft, drawn.id, bay, openLine, open?.line],
  );

  return (
    <Ground ref={measure} aria-label="Hard cases">
      <header>
        <Choice
          label="Width"
          shown={false}
          value={band.id}
          options={bands.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={setBandId}
        />
        <p role="status">
          <b>Card {cardPx} px wide</b>
          <br />
          {scale === 1 ? 'drawn at full size' : `drawn at ${Math.round(scale * 100)}%`}
          {counts && `, hardest of ${numeral(counts.total)}`}
        </p>
        {choice}
      </header>
      {asked.isError && (
        <p role="alert">
          The items could not be fetched. <Button onPress={() => void asked.refetch()}>Try again</Button>
        </p>
      )}
      {asked.isPending && <p>Fetching the hardest items…</p>}
      {asked.data && items.length === 0 && (
        <p>This shelf shows nothing yet, so there is nothing to look at.</p>
      )}
      {items.length > 0 && (
        <>
          <div className="cases" role="group" aria-label="Cases">
            {all
              .flatMap(({ reasons }) => reasons)
              .map(({ id, name }) => (
                <ToggleButton
                  key={id}
                  isSelected={isShown(id)}
                  onChange={(on) => {
                    const now = casesShown();
                    if (on) now.add(id);
                    else now.delete(id);
                    setChosen(now);
                  }}
                >
                  {name}
                </ToggleButton>
              ))}
          </div>
          {shown.length === 0 && <p>Choose a case above.</p>}
          {shown.length > 0 && ofShown && (
            <div className="rows">
              <div className="each" style={{ gridTemplateColumns: columns }}>
                {shown.map(({ at, reasons }) => (
                  <p key={at}>
                    {reasons.map(({ id, name, said, counted }) => (
                      <span key={id} style={{ display: 'block' }}>
                        <b>{name}</b>, {said}
                        {counted && counts && `, ${numeral(counts[counted])} of ${numeral(counts.total)}`}
                      </span>
                    ))}
                  </p>
                ))}
              </div>
              {ROWS.map(({ state, name }) => (
                <Row key={state} name={name}>
                  <Frame
                    view={page}
                    styles={styles}
                    widthPx={pagePx}
                    heightPx={heightPx * scale}
                    scale={scale}
                    name={`${name} on ${band.name}`}
                    chosenBay={null}
                    cardsOnly={state}
                    onPress={press}
                    onDocument={nothing}
                  />
                  {state === 'atRest' && shown.some(({ faults }) => faults.length > 0) && (
                    <div className="each faults" style={{ gridTemplateColumns: columns }}>
                      {shown.map(({ at, faults }, i) => (
                        <ul key={at} role="list" aria-label={`Faults of ${ofShown.cards[i]!.name}`}>
                          {faults.map(({ text, fix }) => (
                            <li key={text}>
                              {text}
                              {fix && (
                                <Button
                                  onPress={() => {
                                    // What was mended stays in sight.
                                    setChosen(casesShown());
                                    draft.run(fix.command);
                                  }}
                                >
                                  {fix.words}
                                </Button>
                              )}
                            </li>
                          ))}
                        </ul>
                      ))}
                    </div>
                  )}
                </Row>
              ))}
            </div>
          )}
        </>
      )}
    </Ground>
  );
}

const nothing = () => undefined;

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <h3>{name}</h3>
      {children}
    </>
  );
}
