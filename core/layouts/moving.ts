/** How many whole items are in sight; at least one. */
const whole = (visible: number): number => Math.max(1, Math.floor(visible));

export interface Motion {
  /** There is more than is in sight at once. */
  moves: boolean;
  /** It goes round without an end. */
  loops: boolean;
  /** Places it stands still at. */
  stops: number;
  /** Seconds of a full round, or to the end of what does not loop, when it moves by itself; null where it does not. */
  roundS: number | null;
}

/**
 * How items move past a window (calculations §5).
 * @param n items
 * @param v in sight at once, may be fractional
 * @param s items a move
 * @param play null where it does not move by itself; else ms of rest and of moving
 */
export function motionOf(
  n: number,
  v: number,
  s: number,
  loop: boolean,
  play: { restMs: number; moveMs: number } | null,
): Motion {
  const moves = n > v;
  const loops = loop && n >= Math.ceil(v) + 1;
  const by = Math.max(1, Math.min(s, whole(v)));
  const stops = !moves ? 1 : loops ? Math.ceil(n / by) : Math.ceil((n - whole(v)) / by) + 1;
  if (!play || !moves) return { moves, loops: moves && loops, stops, roundS: null };
  const { restMs, moveMs } = play;
  const ms = loops ? stops * (restMs + moveMs) : (stops - 1) * (restMs + moveMs) + restMs;
  return { moves, loops, stops, roundS: ms / 1000 };
}

/** First item in sight at each stop of what does not loop; the last leaves no empty room. */
export function stopPlaces(n: number, v: number, s: number): number[] {
  const { stops } = motionOf(n, v, s, false, null);
  const last = Math.max(0, n - v);
  const by = Math.max(1, Math.min(s, whole(v)));
  return Array.from({ length: stops }, (_, i) => Math.min(i * by, last));
}

/** Width of one item of which `visible` are in sight, px: every gap that is in sight is taken off. */
export function visibleWidth(innerPx: number, visible: number, gapPx: number): number {
  return Math.max(0, (innerPx - gapPx * (Math.ceil(visible) - 1)) / visible);
}
