import { useEffect, useRef, useState } from 'react';
import { Button as AriaButton, Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import {
  bandAt,
  CLIP_DISTANCE_PX,
  FEWEST_BANDS,
  MOST_BANDS,
  newBand,
  TAPE_END_PX,
  type Band,
  type Bands,
} from '../../../core/bands/bands.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { Words } from '../../ui/Words.tsx';
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

function newBandId(bands: Bands): string {
  for (let n = 1; ; n += 1) if (!bands.some((band) => band.id === `band-${n}`)) return `band-${n}`;
}

/** Middle of the roomiest part of a band; null where no edge has room in it. */
function splitAt(bands: Bands, band: Band): number | null {
  const end = bands[bands.indexOf(band) + 1]?.from ?? TAPE_END_PX;
  return end - band.from >= 2 * CLIP_DISTANCE_PX ? Math.round((band.from + end) / 2) : null;
}

function Clip({ bands, band, scale }: { bands: Bands; band: Band; scale: number }) {
  const { draft } = useStudio();
  const at = bands.indexOf(band);
  const least = bands[at - 1]!.from + CLIP_DISTANCE_PX;
  const most = (bands[at + 1]?.from ?? TAPE_END_PX + CLIP_DISTANCE_PX) - CLIP_DISTANCE_PX;
  const [moving, setMoving] = useState<number | null>(null);
  const [serial, setSerial] = useState(0);
  const pending = useRef<{ from: number; timer: ReturnType<typeof setTimeout> } | null>(null);
  const commit = (from: number) =>
    draft.run({ do: 'editBands', edit: { is: 'move', id: band.id, from } }, `edge ${band.id} ${serial}`);
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
      setSerial(serial + 1);
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

/** What can be set of one band: its name, where it begins, one more, one less. */
function BandSheet({ bands, band, close }: { bands: Bands; band: Band; close(): void }) {
  const { draft } = useStudio();
  const at = bands.indexOf(band);
  const split = bands.length < MOST_BANDS ? splitAt(bands, band) : null;
  return (
    <Sheet aria-label={`The band ${band.name}`}>
      <Words
        label="Name"
        value={band.name}
        longest={40}
        fault={(name) => (name.trim() ? null : 'A band needs a name.')}
        onChange={(name) =>
          draft.run({ do: 'editBands', edit: { is: 'rename', id: band.id, name } }, `band name ${band.id}`)
        }
      />
      {at > 0 ? (
        <Stepper
          label="Begins at, px"
          shown
          value={band.from}
          least={bands[at - 1]!.from + CLIP_DISTANCE_PX}
          most={(bands[at + 1]?.from ?? TAPE_END_PX + CLIP_DISTANCE_PX) - CLIP_DISTANCE_PX}
          wide
          onChange={(from) => draft.run({ do: 'editBands', edit: { is: 'move', id: band.id, from } })}
        />
      ) : (
        <p>It begins at 0.</p>
      )}
      <div className="two">
        {split !== null && (
          <Button
            onPress={() => {
              const id = newBandId(bands);
              draft.run({
                do: 'editBands',
                edit: { is: 'add', band: newBand(bands, split, id, `${band.name} wide`.slice(0, 40)) },
              });
              close();
            }}
          >
            Split it at {split}
          </Button>
        )}
        {bands.length > FEWEST_BANDS && (
          <Button
            onPress={() => {
              close();
              draft.run({ do: 'editBands', edit: { is: 'remove', id: band.id } });
            }}
          >
            Remove it
          </Button>
        )}
      </div>
      <p>
        {split === null && bands.length >= MOST_BANDS ? `There are at most ${MOST_BANDS} bands. ` : ''}
        Splitting changes nothing to be seen: the new band takes every value from the narrower one.
      </p>
    </Sheet>
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
              aria-label={`Band ${band.name}, from ${band.from}`}
              style={{ left: band.from * scale + 4, width: Math.max(12, (end - band.from) * scale - 14) }}
            />
            <PopoverBox placement="bottom start">
              <BandSheet bands={bands} band={bandAt(bands, band.from)} close={() => setOpen(null)} />
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
