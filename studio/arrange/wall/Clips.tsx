import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { Button as AriaButton, Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { bandAt, CLIP_DISTANCE_PX, TAPE_END_PX, type Band, type Bands } from '../../../core/bands/bands.ts';
import { useStudio } from '../../studioContext.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { TAPE_HEIGHT, TAPE_TOP } from './Tape.tsx';
import { useMeasuredMove } from './useMeasuredMove.ts';

/** The clip follows the hand at once; the frames do where it rests this long, ms. */
const REST_MS = 160;

const Handle = styled.div`
  position: absolute;
  top: ${TAPE_TOP - 12}px;
  width: 22px;
  height: ${TAPE_HEIGHT + 17}px;
  margin-left: -11px;
  cursor: ew-resize;
  touch-action: none;
  &:focus-visible {
    outline: none;
  }
  &::before {
    content: '';
    position: absolute;
    left: 4px;
    top: 0;
    width: 14px;
    height: 11px;
    border-radius: 2.5px;
    background: ${t.ink};
  }
  &::after {
    content: '';
    position: absolute;
    left: 10px;
    top: 8px;
    bottom: 0;
    width: 2px;
    background: ${t.ink};
  }
  &:hover::before,
  &[data-moving]::before {
    background: ${t.pine};
  }
  &:focus-visible::before {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
  output {
    position: absolute;
    top: -2px;
    left: 22px;
    background: ${t.ink};
    color: #fff;
    font: 400 11px/15px ${t.measures};
    padding: 0 5px;
    border-radius: 3px;
    white-space: nowrap;
    pointer-events: none;
  }
`;

const Name = styled(AriaButton)`
  position: absolute;
  top: ${TAPE_TOP + 24}px;
  height: 18px;
  border: 0;
  padding: 0;
  background: none;
  cursor: pointer;
  border-radius: 3px;
  &[data-hovered] {
    background: rgb(22 35 43 / 0.12);
  }
  &[data-focus-visible] {
    outline: 2px solid ${t.ink};
  }
`;

const Sheet = styled(Dialog)`
  padding: 10px 12px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  width: 250px;
  outline: none;
  .two {
    display: flex;
    gap: 8px;
    flex-wrap: wrap;
  }
`;

/** Fetched once a band is opened. */
const BandSheet = lazy(() => import('./BandSheet.tsx'));

function Clip({ bands, band, scale }: { bands: Bands; band: Band; scale: number }) {
  const { draft } = useStudio();
  const at = bands.indexOf(band);
  const least = bands[at - 1]!.from + CLIP_DISTANCE_PX;
  const most = (bands[at + 1]?.from ?? TAPE_END_PX + CLIP_DISTANCE_PX) - CLIP_DISTANCE_PX;
  const [moving, setMoving] = useState<number | null>(null);
  /** Stands for the movement that is under way, which is one step however long the hand rests. */
  const movement = useRef({});
  const pending = useRef<{ from: number; timer: ReturnType<typeof setTimeout> } | null>(null);
  const commit = (from: number) =>
    draft.run({ do: 'editBands', edit: { is: 'move', id: band.id, from } }, movement.current);
  const flush = () => {
    if (!pending.current) return;
    clearTimeout(pending.current.timer);
    const { from } = pending.current;
    pending.current = null;
    commit(from);
  };
  const value = moving ?? band.from;
  const move = useMeasuredMove({
    value,
    scale,
    least,
    most,
    onMove(from) {
      setMoving(from);
      clearTimeout(pending.current?.timer);
      pending.current = { from, timer: setTimeout(flush, REST_MS) };
    },
    onEnd(from) {
      if (pending.current) pending.current.from = from;
      flush();
      setMoving(null);
      movement.current = {};
    },
  });
  useEffect(() => () => clearTimeout(pending.current?.timer), []);
  return (
    <Handle
      {...move}
      aria-label={`Edge at which ${band.name} begins`}
      data-moving={moving !== null || undefined}
      style={{ left: value * scale }}
    >
      {moving !== null && <output>{value}</output>}
    </Handle>
  );
}

/** The clips at the edges of the bands, and the names that open what can be set of a band. */
export function Clips({ bands, scale }: { bands: Bands; scale: number }) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <>
      {bands.map((band, i) => {
        const end = bands[i + 1]?.from ?? TAPE_END_PX;
        return (
          <DialogTrigger
            key={band.id}
            isOpen={open === band.id}
            onOpenChange={(isOpen) => setOpen(isOpen ? band.id : null)}
          >
            <Name
              aria-label={`Width ${band.name}, from ${band.from} px`}
              style={{ left: band.from * scale + 4, width: Math.max(12, (end - band.from) * scale - 14) }}
            />
            <PopoverBox placement="bottom start">
              <Sheet aria-label={`The band ${band.name}`}>
                <Suspense fallback={<p>Opening…</p>}>
                  <BandSheet bands={bands} band={bandAt(bands, band.from)} close={() => setOpen(null)} />
                </Suspense>
              </Sheet>
            </PopoverBox>
          </DialogTrigger>
        );
      })}
      {bands.slice(1).map((band) => (
        <Clip key={band.id} bands={bands} band={band} scale={scale} />
      ))}
    </>
  );
}
