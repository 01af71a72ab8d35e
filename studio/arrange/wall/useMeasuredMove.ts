import { useRef } from 'react';
import { useMove } from 'react-aria/useMove';

/** Width that is moved along the tape: by pointer to the scale of the tape, by keys 1 px, with Shift 10. */
export function useMeasuredMove({
  value,
  scale,
  least,
  most,
  onMove,
  onEnd,
}: {
  value: number;
  /** Drawn size to true size. */
  scale: number;
  least: number;
  most: number;
  onMove(px: number): void;
  onEnd?(px: number): void;
}) {
  const exact = useRef(value);
  const within = (px: number) => Math.round(Math.max(least, Math.min(most, px)));
  const { moveProps } = useMove({
    onMoveStart() {
      exact.current = value;
    },
    onMove({ pointerType, deltaX, deltaY, shiftKey }) {
      const by = pointerType === 'keyboard' ? (deltaX - deltaY) * (shiftKey ? 10 : 1) : deltaX / scale;
      exact.current += by;
      onMove(within(exact.current));
    },
    onMoveEnd() {
      onEnd?.(within(exact.current));
    },
  });
  return {
    ...moveProps,
    role: 'slider',
    tabIndex: 0,
    'aria-valuenow': value,
    'aria-valuemin': least,
    'aria-valuemax': most,
    'aria-valuetext': `${value} px`,
  } as const;
}
