import { lazy, Suspense, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { nominalOf } from '../../../core/bands/bands.ts';
import { pageStyles } from '../../../core/css/pageCss.ts';
import { layoutKind } from '../../../core/layouts/index.ts';
import { stepAt } from '../../../core/geometry/steps.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { allBays } from '../../../core/view/allBays.ts';
import { shelvesIn } from '../../../core/view/shelvesIn.ts';
import { troublesOf } from '../../../core/view/trouble.ts';
import type { StepView } from '../../../core/view/view.ts';
import { useStudio } from '../../studioContext.tsx';
import { useStore } from 'zustand';
import { t } from '../../ui/theme.ts';
import { markedFor, partFor, settingAt } from '../settingAt.ts';
import { useArranging, useSeen, WaysContext } from '../arrangeContext.tsx';
import { Clips } from './Clips.tsx';
import { Frame } from './Frame.tsx';
import { FreeControls, Marker } from './Marker.tsx';
import { cords, GAP, inSight, tagsIn } from './room.ts';
import {
  bringIn,
  broughtIn,
  freeStand,
  nearStand,
  setNear,
  sightCount,
  standsOf,
  wallChoice,
  type Stand,
} from './stands.ts';
import { Tag } from './Tag.tsx';
import { Tape, TAPE_BOTTOM } from './Tape.tsx';
import { useNearFrame } from './useNearFrame.ts';
import { useSize } from '../../ui/useSize.ts';
import { useTogether } from './useTogether.ts';

/** Fetched once they are wanted. */
const FullSize = lazy(() => import('./FullSize.tsx').then((module) => ({ default: module.FullSize })));
const TwoWays = lazy(() => import('./TwoWays.tsx').then((module) => ({ default: module.TwoWays })));

/** Room for a tag while one frame is near, and where something else stands beside the tags, px. */
const NEAR_TAG_PX = 128;
const NARROW_TAG_PX = 76;
const SIDE = 16;
/** What pressing the tag of a frame that is away does. */
const SHOW = ' – show';
const TAGS_TOP = 76;
const FRAMES_TOP = 108;

const Ground = styled.section`
  grid-area: wall;
  position: relative;
  overflow: hidden;
  min-width: 0;
  .tape {
    position: absolute;
    top: 2px;
    left: ${SIDE}px;
    z-index: 2;
  }
  .cords {
    position: absolute;
    inset: 0;
    width: 100%;
    height: ${FRAMES_TOP}px;
    pointer-events: none;
    z-index: 3;
  }
  .aside {
    position: absolute;
    z-index: 4;
    inset: ${TAGS_TOP}px ${SIDE}px auto auto;
  }
  .run {
    position: absolute;
    inset: ${TAGS_TOP - 4}px 0 0;
    overflow: hidden;
    padding: 4px ${SIDE}px 0;
  }
  .frames {
    display: flex;
    gap: ${GAP}px;
    align-items: flex-start;
    width: max-content;
  }
  .tags {
    position: relative;
    height: ${FRAMES_TOP - TAGS_TOP}px;
    > * {
      position: absolute;
      top: 0;
    }
  }
  .working {
    position: absolute;
    right: 16px;
    bottom: 14px;
    z-index: 4;
    background: ${t.ink};
    color: #fff;
    border-radius: ${t.corner};
    padding: 5px 11px;
  }
  .failed {
    background: ${t.brick};
    display: flex;
    gap: 10px;
    align-items: center;
    button {
      background: #fff;
      color: ${t.ink};
      border: 0;
      border-radius: 5px;
      padding: 2px 8px;
      cursor: pointer;
    }
  }
`;

/** How many stand side by side: cards, or columns of a table. */
const acrossOf = ({ across, table }: StepView): number => table?.stay.length ?? across;

/** The same in the words of the layout. */
const sayAcross = (step: StepView): string =>
  layoutKind(step.layout).moves ? `${step.across} in sight` : counted(acrossOf(step), 'column');

/**
 * The tape, and under it the page at each band that stands on the wall, all to one scale.
 * @param aside what stands at the right over the frames, and its room
 */
export function Wall({ aside }: { aside: { node: ReactNode; px: number } | null }) {
  const { bay, choose, shelfId, trial } = useArranging();
  const ways = useContext(WaysContext);
  const view = useSeen();
  const { items } = useStudio();
  const { waiting, failed } = useStore(items);
  const choice = useStore(wallChoice);
  const [measure, size] = useSize();
  const { near } = useStore(nearStand);
  const [alone, setAlone] = useState<string | null>(null);
  const heightPx = Math.max(120, size.height - FRAMES_TOP - 22);
  const { bands } = view;
  const styles = pageStyles(view);
  const { freePx } = choice;
  const fixed = useMemo(() => standsOf(bands, choice), [bands, choice]);
  const stands = freePx === null ? fixed : [...fixed, freeStand(bands, freePx)];
  const { ids: asked } = useStore(broughtIn);
  const roomPx = size.width - 2 * SIDE;
  const sight = inSight(stands, roomPx, asked);
  const { shown: inView, scale, tapeScale } = sight;
  const shownCount = inView.filter(({ id }) => id !== 'free').length;
  useEffect(() => sightCount.setState({ shown: shownCount }), [shownCount]);

  const drawn = bay ? allBays(view).find((one) => one.id === bay.id) : undefined;
  const shelves = drawn && !drawn.empty ? shelvesIn(drawn) : [];
  const shelf = shelves.find(({ id }) => id === shelfId) ?? shelves[0] ?? null;
  const troubles = useMemo(() => troublesOf(drawn, view.bands), [drawn, view.bands]);
  const across = useMemo(
    () =>
      new Map(
        shelf
          ? bands.map((band) => {
              const step = stepAt(shelf.steps, nominalOf(bands, band).width);
              return [band.id, [sayAcross(step), String(acrossOf(step))] as const];
            })
          : [],
      ),
    [shelf, bands],
  );
  const countAt = (stand: Stand) => shelf && sayAcross(stepAt(shelf.steps, stand.width));
  const tagOf = (stand: Stand) => {
    const count = countAt(stand);
    return count ? `${stand.name}, ${count}` : stand.name;
  };
  const isAway = ({ id }: Stand) => !inView.some((one) => one.id === id);
  /** The words of a tag, the fullest first; one that is away ends with what pressing it does. */
  const wordings = (stand: Stand) =>
    isAway(stand)
      ? [`${tagOf(stand)}${SHOW}`, `${stand.name}${SHOW}`, stand.name]
      : [tagOf(stand), stand.name];
  const tags = tagsIn(stands, sight, roomPx - (aside?.px ?? 0), wordings);

  const bayId = bay?.id ?? null;
  const settingId = useStore(settingAt, ({ id }) => id);
  const marked = useMemo(() => markedFor(settingId), [settingId]);
  const together = useTogether(
    inView.map(({ id }) => id),
    bayId,
    scale,
    near,
    waiting.size === 0,
    partFor(settingId),
  );
  const ids = stands.map(({ id }) => id).join(' ');
  const nearPx = stands.find(({ id }) => id === near)?.width ?? 0;
  const { openPressed, drags } = useNearFrame(view.pageId, shelves, nearPx);
  const pressers = useMemo(
    () =>
      new Map(
        ids.split(' ').map((id) => [
          id,
          (pressed: string | null, target: Element) => {
            // A tab is pressed for the shelf that it opens.
            const ofShelf =
              target.closest('[data-shelf]')?.getAttribute('data-shelf') ??
              target.closest('[data-opens]')?.getAttribute('data-opens') ??
              undefined;
            if (pressed) choose(pressed, ofShelf);
            if (id === near && pressed) openPressed(pressed, ofShelf, target);
            setNear(id);
          },
        ]),
      ),
    [ids, choose, near, openPressed],
  );

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => event.key === 'Escape' && setNear(null);
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  useEffect(() => () => setNear(null), []);

  const isNear = stands.some(({ id }) => id === near);
  const scaleOf = ({ id, width }: Stand) =>
    near === id ? Math.min(1, Math.max(scale, roomPx / width)) : scale;
  const shown = isNear ? stands.filter(({ id }) => id === near) : inView;
  const setFree = useCallback((px: number) => wallChoice.setState({ freePx: px }), []);

  const nearTagPx = aside ? NARROW_TAG_PX : NEAR_TAG_PX;
  /** Where the tags are, from the wall's own edge. */
  const places = isNear
    ? stands.map((stand, i) => ({ stand, left: SIDE + i * (nearTagPx + GAP) }))
    : tags.map(({ stand, left }) => ({ stand, left: SIDE + left }));
  const [cordsTop, cordsBottom] = [TAPE_BOTTOM + 2, TAGS_TOP];
  const drawnCords = cords(
    places.map(({ stand, left }) => ({ from: SIDE + stand.width * tapeScale, to: left + 10 })),
    cordsTop,
    cordsBottom,
  );
  const opened = stands.find(({ id }) => id === alone);

  return (
    <Ground ref={measure} aria-label="Wall">
      {size.width > 0 && (
        <>
          <div className="tape">
            <Tape bands={bands} scale={tapeScale} across={across} troubles={troubles} />
            <Clips bands={bands} scale={tapeScale} />
            {freePx !== null && <Marker width={freePx} scale={tapeScale} onMove={setFree} />}
          </div>
          <svg className="cords" aria-hidden="true">
            {(trial ? [] : places).map(({ stand }, i) => (
              <g key={stand.id} fill="none" stroke={t.ink} strokeWidth="1.3">
                <circle cx={SIDE + stand.width * tapeScale} cy={cordsTop} r="2.6" fill={t.ink} />
                <path d={drawnCords[i]} {...(!isNear && isAway(stand) && { strokeDasharray: '3 3' })} />
              </g>
            ))}
          </svg>
          {aside && <div className="aside">{aside.node}</div>}
          <div className="run">
            {trial && ways && (
              <Suspense fallback={<p>Opening…</p>}>
                <TwoWays
                  trial={trial}
                  views={ways}
                  stands={stands}
                  chosen={near}
                  choose={setNear}
                  widthPx={roomPx}
                  heightPx={size.height - TAGS_TOP - 20}
                />
              </Suspense>
            )}
            {!trial && isNear && (
              <div style={{ display: 'flex', gap: GAP, position: 'sticky', left: 0, width: 'max-content' }}>
                {stands.map((stand) => (
                  <div key={stand.id} style={{ width: nearTagPx }}>
                    <Tag
                      data-near={stand.id === near || undefined}
                      aria-label={tagOf(stand)}
                      onPress={() => setNear(stand.id === near ? null : stand.id)}
                    >
                      {aside ? stand.name : tagOf(stand)}
                    </Tag>
                  </div>
                ))}
                <Tag onPress={() => setNear(null)}>All widths</Tag>
                <Tag onPress={() => setAlone(near)}>Full size</Tag>
              </div>
            )}
            {!trial && !isNear && (
              <div className="tags">
                {tags.map(({ stand, words, left }) =>
                  stand.id === 'free' ? (
                    <div key={stand.id} style={{ left }}>
                      <FreeControls
                        width={stand.width}
                        troubles={troubles}
                        onMove={setFree}
                        onClose={() => wallChoice.setState({ freePx: null })}
                      />
                    </div>
                  ) : isAway(stand) ? (
                    <Tag
                      key={stand.id}
                      style={{ left }}
                      data-away
                      onPress={() => bringIn(stand.id)}
                      aria-label={`${tagOf(stand)}: show`}
                    >
                      {words.endsWith(SHOW) ? (
                        <span>
                          {words.slice(0, -'show'.length)}
                          <b>show</b>
                        </span>
                      ) : (
                        words
                      )}
                    </Tag>
                  ) : (
                    <Tag
                      key={stand.id}
                      style={{ left }}
                      onPress={() => setNear(stand.id)}
                      aria-label={`${tagOf(stand)}: bring near`}
                    >
                      {words}
                    </Tag>
                  ),
                )}
              </div>
            )}
            <div className="frames">
              {(trial ? [] : shown).map((stand) => (
                <div key={stand.id} style={{ width: Math.max(60, stand.width * scaleOf(stand)) }}>
                  <Frame
                    view={view}
                    styles={styles}
                    widthPx={stand.width}
                    heightPx={heightPx}
                    scale={scaleOf(stand)}
                    name={`The page on ${stand.id === 'free' ? 'any width' : stand.name}, ${stand.width} wide`}
                    chosenBay={bayId}
                    marked={marked}
                    drags={stand.id === near ? drags : null}
                    onPress={pressers.get(stand.id)!}
                    onDocument={together.keeper(stand.id)}
                  />
                </div>
              ))}
            </div>
          </div>
          {opened && (
            <FullSize
              stand={opened}
              view={view}
              styles={styles}
              bayId={bayId}
              onClose={() => setAlone(null)}
            />
          )}
          {failed.size > 0 ? (
            <p className="working failed" role="alert">
              What the shelf shows could not be fetched.
              <button type="button" onClick={() => items.retry()}>
                Try again
              </button>
            </p>
          ) : (
            waiting.size > 0 && <p className="working">Fetching…</p>
          )}
        </>
      )}
    </Ground>
  );
}
