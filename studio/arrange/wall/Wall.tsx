import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { TAPE_END_PX } from '../../../core/bands/bands.ts';
import { pageStyles } from '../../../core/css/pageCss.ts';
import { formKind } from '../../../core/forms/index.ts';
import { stepAt } from '../../../core/geometry/steps.ts';
import type { StepView } from '../../../core/view/view.ts';
import { useStudio } from '../../studioContext.tsx';
import { useStore } from 'zustand';
import { t } from '../../ui/theme.ts';
import { useArranging, useView } from '../arrangeContext.tsx';
import { Frame } from './Frame.tsx';
import { Tape, TAPE_BOTTOM } from './Tape.tsx';
import { keepInSight, scrollToSpot, showBay, spotOf } from './together.ts';

const LEAST_SCALE = 0.3;
const GAP = 14;
/** Room for a tag while one frame is near. */
const NEAR_TAG_PX = 128;
const SIDE = 16;
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
  .run {
    position: absolute;
    inset: ${TAGS_TOP - 4}px 0 0;
    overflow: auto hidden;
    padding: 4px ${SIDE}px 0;
  }
  .frames {
    display: flex;
    gap: ${GAP}px;
    align-items: flex-start;
    width: max-content;
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

const Tag = styled(Button)`
  height: 24px;
  margin-bottom: 8px;
  display: inline-flex;
  align-items: center;
  gap: 5px;
  padding: 0 6px 0 6px;
  background: ${t.paper};
  border: 1px solid ${t.edge};
  border-radius: 12px 4px 4px 12px;
  font-size: 12px;
  font-weight: 500;
  white-space: nowrap;
  cursor: pointer;
  &::before {
    content: '';
    width: 7px;
    height: 7px;
    border-radius: 50%;
    border: 1.5px solid ${t.ink};
  }
  &[data-near] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
  }
`;

function useSize(): [(element: HTMLElement | null) => void, { width: number; height: number }] {
  const [element, setElement] = useState<HTMLElement | null>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    if (!element) return undefined;
    const watch = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      setSize({ width, height });
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, [element]);
  return [setElement, size];
}

/** How many stand side by side, in the words of the form. */
const sayAcross = ({ form, across }: StepView): string =>
  formKind(form).moves ? `${across} in sight` : `${across} across`;

/** The tape, and under it the page at each band, all to one scale. */
export function Wall() {
  const { bay, choose } = useArranging();
  const view = useView();
  const { items } = useStudio();
  const { waiting, failed } = useStore(items);
  const [measure, size] = useSize();
  const [near, setNear] = useState<string | null>(null);
  const [scrolled, setScrolled] = useState(0);
  const documents = useRef(new Map<string, Document>());
  const scale = Math.max(LEAST_SCALE, (size.width - 2 * SIDE) / TAPE_END_PX);
  const heightPx = Math.max(120, size.height - FRAMES_TOP - 22);
  const bands = view.bands;
  const styles = pageStyles(view);

  const drawn = bay && view.bays.find((one) => one.id === bay.id);
  const tags = useMemo(() => {
    const shelf = drawn?.content.holds === 'shelf' && !drawn.empty ? drawn.content.shelf : null;
    return new Map(
      bands.map((band) => [
        band.id,
        shelf ? `${sayAcross(stepAt(shelf.steps, band.nominal.width))} on ${band.name}` : `${band.name}`,
      ]),
    );
  }, [drawn, bands]);

  // Frames scroll together: whichever is scrolled, the others follow to the same spot of the same bay.
  const following = useRef(false);
  const follow = useCallback((from: string) => {
    const lead = documents.current.get(from);
    if (following.current || !lead) return;
    const spot = spotOf(lead);
    if (!spot) return;
    following.current = true;
    for (const [id, document] of documents.current) if (id !== from) scrollToSpot(document, spot);
    requestAnimationFrame(() => requestAnimationFrame(() => (following.current = false)));
  }, []);
  const chosen = useRef<string | null>(null);
  const listeners = useRef(new Map<string, () => void>());
  const keep = useCallback(
    (bandId: string) => (document: Document | null) => {
      listeners.current.get(bandId)?.();
      listeners.current.delete(bandId);
      if (!document) {
        documents.current.delete(bandId);
        return;
      }
      documents.current.set(bandId, document);
      const onScroll = () => follow(bandId);
      document.addEventListener('scroll', onScroll, { passive: true });
      listeners.current.set(bandId, () => document.removeEventListener('scroll', onScroll));
      // A frame that opens opens at the chosen bay.
      if (chosen.current) keepInSight(document, chosen.current);
    },
    [follow],
  );
  const keepers = useMemo(() => new Map(bands.map((band) => [band.id, keep(band.id)])), [bands, keep]);
  const pressers = useMemo(
    () =>
      new Map(
        bands.map((band) => [
          band.id,
          (bayId: string | null) => {
            if (bayId) choose(bayId);
            setNear(band.id);
          },
        ]),
      ),
    [bands, choose],
  );

  const bayId = bay?.id ?? null;
  useEffect(() => {
    chosen.current = bayId;
    if (!bayId) return;
    following.current = true;
    for (const document of documents.current.values()) showBay(document, bayId, scale);
    requestAnimationFrame(() => requestAnimationFrame(() => (following.current = false)));
  }, [bayId, scale]);

  // One that is brought near is as high as before, but shows less of the page.
  useEffect(() => {
    if (chosen.current && near !== null)
      for (const document of documents.current.values()) keepInSight(document, chosen.current);
  }, [near]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => event.key === 'Escape' && setNear(null);
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  const scaleOf = (bandId: string, width: number) =>
    near === bandId ? Math.min(1, Math.max(scale, (size.width - 2 * SIDE) / width)) : scale;
  const shown = near === null ? bands : bands.filter((band) => band.id === near);

  const tagWidth = (width: number) => (near === null ? width * scale : NEAR_TAG_PX) + GAP;
  const places = bands.map((band, i) => ({
    band,
    left: bands.slice(0, i).reduce((x, one) => x + tagWidth(one.nominal.width), SIDE - scrolled),
  }));

  return (
    <Ground ref={measure} aria-label="Wall">
      {size.width > 0 && (
        <>
          <div className="tape">
            <Tape bands={bands} scale={scale} across={tags} />
          </div>
          <svg className="cords" aria-hidden="true">
            {places.map(({ band, left }) => {
              const from = SIDE + band.nominal.width * scale;
              const [y1, y2] = [TAPE_BOTTOM + 2, TAGS_TOP + 12];
              const to = left + 10;
              return (
                <g key={band.id} fill="none" stroke={t.ink} strokeWidth="1.3">
                  <circle cx={from} cy={y1} r="2.6" fill={t.ink} />
                  <path d={`M${from} ${y1}C${from} ${y2 - 4} ${to + 20} ${y1 + 14} ${to} ${y2}`} />
                </g>
              );
            })}
          </svg>
          <div className="run" onScroll={(event) => setScrolled(event.currentTarget.scrollLeft)}>
            {near !== null && (
              <div style={{ display: 'flex', gap: GAP, position: 'sticky', left: 0, width: 'max-content' }}>
                {bands.map((band) => (
                  <div key={band.id} style={{ width: NEAR_TAG_PX }}>
                    <Tag
                      data-near={band.id === near || undefined}
                      onPress={() => setNear(band.id === near ? null : band.id)}
                    >
                      {tags.get(band.id)}
                    </Tag>
                  </div>
                ))}
                <Tag onPress={() => setNear(null)}>All widths</Tag>
              </div>
            )}
            <div className="frames">
              {shown.map((band) => (
                <div
                  key={band.id}
                  style={{ width: band.nominal.width * scaleOf(band.id, band.nominal.width) }}
                >
                  {near === null && (
                    <Tag onPress={() => setNear(band.id)} aria-label={`${tags.get(band.id)}: bring near`}>
                      {tags.get(band.id)}
                    </Tag>
                  )}
                  <Frame
                    view={view}
                    styles={styles}
                    widthPx={band.nominal.width}
                    heightPx={heightPx}
                    scale={scaleOf(band.id, band.nominal.width)}
                    name={`The page on ${band.name}, ${band.nominal.width} wide`}
                    chosenBay={bayId}
                    onPress={pressers.get(band.id)!}
                    onDocument={keepers.get(band.id)!}
                  />
                </div>
              ))}
            </div>
          </div>
          {failed.size > 0 ? (
            <p className="working failed" role="alert">
              What the shelf shows could not be fetched.
              <button type="button" onClick={() => items.retry()}>
                Try again
              </button>
            </p>
          ) : (
            waiting.size > 0 && <p className="working">Fetching …</p>
          )}
        </>
      )}
    </Ground>
  );
}
