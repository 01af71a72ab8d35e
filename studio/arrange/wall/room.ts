import { TAPE_END_PX } from '../../../core/bands/bands.ts';
import type { Stand } from './stands.ts';

/** Frames smaller than this cannot be read. */
export const LEAST_SCALE = 0.28;
/** Large enough to be read with ease; more is only for the wall's own scale. */
const LARGE_SCALE = 0.5;
/** Between frames, and between tags, px. */
export const GAP = 14;
const TAG_GAP = 6;
/** What the letters of a tag, and all around them, take at most, px. */
const [TAG_LETTER_PX, TAG_SIDES_PX] = [6.4, 26];
/** Room for the controls of the frame of any width, px. */
const CONTROLS_PX = 200;
/** A frame whose width is being moved keeps so much room, so that the others stay while it is. */
const MOVED_PX = 1_300;

export interface InSight {
  /** Shown whole, narrow to wide. */
  shown: Stand[];
  /** Of all frames. */
  scale: number;
  /** Of the tape, which is as wide as the wall. */
  tapeScale: number;
}

/** All frames side by side as large as they can be. */
const fit = (stands: readonly Stand[], roomPx: number): number =>
  (roomPx - GAP * (stands.length - 1)) /
  stands.reduce((sum, { id, width }) => sum + (id === 'free' ? Math.max(width, MOVED_PX) : width), 0);

/**
 * As many whole frames as fit at a scale that can be read: what was asked for last first, then the narrowest, the widest
 * and those between.
 * @param asked ids of stands that were brought in, the last first
 */
export function inSight(stands: readonly Stand[], roomPx: number, asked: readonly string[]): InSight {
  const tapeScale = roomPx / TAPE_END_PX;
  const rank = (stand: Stand) => {
    const at = stand.id === 'free' ? -1 : asked.indexOf(stand.id);
    if (at >= 0 || stand.id === 'free') return at;
    const place = stands.indexOf(stand);
    return asked.length + (place === 0 ? 0 : place === stands.length - 1 ? 1 : 1 + place);
  };
  const wanted = [...stands].sort((a, b) => rank(a) - rank(b));
  const taken: Stand[] = [];
  for (const stand of wanted)
    if (taken.length === 0 || fit([...taken, stand], roomPx) >= LEAST_SCALE) taken.push(stand);
  return {
    shown: stands.filter((stand) => taken.includes(stand)),
    scale: Math.max(0.05, Math.min(Math.max(tapeScale, LARGE_SCALE), fit(taken, roomPx))),
    tapeScale,
  };
}

/** The left edge of each shown frame, px. */
export function frameLefts({ shown, scale }: InSight): Map<string, number> {
  const lefts = new Map<string, number>();
  let left = 0;
  for (const { id, width } of shown) {
    lefts.set(id, left);
    left += width * scale + GAP;
  }
  return lefts;
}

export interface Tag {
  stand: Stand;
  words: string;
  left: number;
}

const tagWidth = (id: string, words: string) =>
  id === 'free' ? CONTROLS_PX : words.length * TAG_LETTER_PX + TAG_SIDES_PX;

/**
 * Tags in one row, none over another: over its frame, or near its width on the tape where it has none; with fewer words
 * where all of them have no room.
 * @param wordings of a stand, the fullest first
 */
export function tagsIn(
  stands: readonly Stand[],
  sight: InSight,
  roomPx: number,
  wordings: (stand: Stand) => readonly string[],
): Tag[] {
  const lefts = frameLefts(sight);
  const full = stands.map((stand) => wordings(stand));
  const most = Math.max(1, ...full.map((one) => one.length));
  const rows = Array.from({ length: most }, (_, i) => full.map((one) => one[Math.min(i, one.length - 1)]!));
  const widthOf = (words: readonly string[]) =>
    words.reduce((sum, one, i) => sum + tagWidth(stands[i]!.id, one) + TAG_GAP, -TAG_GAP);
  const words = rows.find((one) => widthOf(one) <= roomPx) ?? rows.at(-1)!;
  const widths = words.map((one, i) => tagWidth(stands[i]!.id, one));
  const places = stands.map(
    ({ id, width }, i) => lefts.get(id) ?? Math.max(0, width * sight.tapeScale - widths[i]! / 2),
  );
  // To the right until none is over another, then back from the right edge.
  for (let i = 1; i < places.length; i += 1)
    places[i] = Math.max(places[i]!, places[i - 1]! + widths[i - 1]! + TAG_GAP);
  for (let i = places.length - 1, right = roomPx; i >= 0; i -= 1) {
    places[i] = Math.max(0, Math.min(places[i]!, right - widths[i]!));
    right = places[i]! - TAG_GAP;
  }
  return stands.map((stand, i) => ({ stand, words: words[i]!, left: places[i]! }));
}

/** Heights between tape and tags that cords run along, px below the tape. */
const LEVELS = [5, 9, 13];
const CORNER = 4;

/**
 * Cords from the tape down to the tags: along one height each, and along different ones where they would run on each
 * other, so that none crosses anything that is to be read.
 */
export function cords(ends: readonly { from: number; to: number }[], top: number, bottom: number): string[] {
  const runs: { low: number; high: number; level: number }[] = [];
  return ends.map(({ from, to }) => {
    const [low, high] = [Math.min(from, to), Math.max(from, to)];
    const met = runs.filter((run) => run.low <= high + CORNER && low <= run.high + CORNER);
    const level = LEVELS.find((_, i) => met.every((run) => run.level !== i)) ?? LEVELS[0]!;
    runs.push({ low, high, level: LEVELS.indexOf(level) });
    const y = top + level;
    const corner = Math.min(CORNER, (high - low) / 2);
    const way = Math.sign(to - from);
    if (high - low < 1) return `M${from} ${top}V${bottom}`;
    return `M${from} ${top}V${y - corner}q0 ${corner} ${way * corner} ${corner}H${to - way * corner}q${way * corner} 0 ${way * corner} ${corner}V${bottom}`;
  });
}
