import { Pause, Play, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import type { Trouble } from '../../../core/view/trouble.ts';
import { QuietButton } from '../../ui/Button.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { t } from '../../ui/theme.ts';
import { NARROWEST_PX, WIDEST_PX } from './stands.ts';
import { TAPE_HEIGHT, TAPE_TOP } from './Tape.tsx';
import { useMeasuredMove } from './useMeasuredMove.ts';

/** How fast the sweep goes, px a second. */
const SWEEP_PX_S = 320;

const Mark = styled.div`
  position: absolute;
  top: ${TAPE_TOP}px;
  height: ${TAPE_HEIGHT + 8}px;
  width: 24px;
  margin-left: -12px;
  cursor: ew-resize;
  touch-action: none;
  &:focus-visible {
    outline: none;
  }
  &::before {
    content: '';
    position: absolute;
    left: 11px;
    inset-block: 0;
    width: 2px;
    background: ${t.pine};
  }
  &::after {
    content: '';
    position: absolute;
    left: 5px;
    bottom: -4px;
    width: 14px;
    height: 14px;
    border-radius: 50%;
    background: #fff;
    border: 3px solid ${t.pine};
  }
  &:focus-visible::after {
    outline: 2px solid ${t.ink};
    outline-offset: 1px;
  }
`;

/** The marker on the tape that a frame of any width follows. */
export function Marker({ width, scale, onMove }: { width: number; scale: number; onMove(px: number): void }) {
  const move = useMeasuredMove({ value: width, scale, least: NARROWEST_PX, most: WIDEST_PX, onMove });
  return <Mark {...move} aria-label="Width of the free frame" style={{ left: width * scale }} />;
}

const Row = styled.div`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  height: 24px;
  margin-bottom: 8px;
  white-space: nowrap;
  .wrong {
    color: ${t.brick};
    font-size: 12px;
  }
`;

/** Exact width by typing, and a sweep over all widths that stops where something is wrong. */
export function FreeControls({
  width,
  troubles,
  onMove,
  onClose,
}: {
  width: number;
  troubles: readonly Trouble[];
  onMove(px: number): void;
  onClose(): void;
}) {
  const [sweeping, setSweeping] = useState(false);
  const latest = useRef({ width, troubles, onMove });
  useEffect(() => {
    latest.current = { width, troubles, onMove };
  });
  useEffect(() => {
    if (!sweeping) return undefined;
    let at = latest.current.width >= WIDEST_PX ? NARROWEST_PX : latest.current.width;
    let before = performance.now();
    let frame = 0;
    const step = (now: number) => {
      const from = at;
      at = Math.min(WIDEST_PX, at + ((now - before) / 1000) * SWEEP_PX_S);
      before = now;
      // Stops where trouble begins; it was passed on if the sweep was begun within it.
      const met = latest.current.troubles.find((one) => one.from > from && one.from <= at);
      if (met) at = met.from;
      latest.current.onMove(Math.round(at));
      if (met || at >= WIDEST_PX) setSweeping(false);
      else frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [sweeping]);
  const wrong = troubles.find(({ from, to }) => from <= width && width < to);
  return (
    <Row>
      <Stepper
        label="Width of the free frame, px"
        value={width}
        least={NARROWEST_PX}
        most={WIDEST_PX}
        wide
        onChange={onMove}
      />
      <QuietButton
        aria-label={sweeping ? 'Stop the sweep' : 'Sweep over all widths'}
        onPress={() => setSweeping(!sweeping)}
      >
        {sweeping ? <Pause size={14} aria-hidden /> : <Play size={14} aria-hidden />}
      </QuietButton>
      <QuietButton aria-label="Take the free frame away" onPress={onClose}>
        <X size={14} aria-hidden />
      </QuietButton>
      <span className="wrong" role="status">
        {wrong ? `Here ${wrong.words}.` : ''}
      </span>
    </Row>
  );
}
