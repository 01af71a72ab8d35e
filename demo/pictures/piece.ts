import type { Glaze } from '../store/glazes.ts';
import type { Random } from '../random.ts';
import { darker, lighter, mix } from './colour.ts';
import { profiles, type Profile, type ProfileName } from './profiles.ts';

/** Something added to a thrown piece. */
export type Extra = 'handle' | 'spout' | 'lid' | 'lip';

export interface Piece {
  profile: ProfileName;
  glaze: Glaze;
  extras: readonly Extra[];
  /** Bare clay below the glaze, a second dip from the rim, or one glaze all over. */
  finish: 'plain' | 'bareFoot' | 'dipped' | 'banded';
}

const CLAY = '#c9a078';
const n = (value: number) => value.toFixed(1);

interface Outline {
  /** From the foot to the rim on the right-hand side. */
  right: [number, number][];
  radius: number;
  foot: number;
}

/** Catmull-Rom through the profile's points. */
function outline(profile: Profile, height: number): Outline {
  const points = profile.points.map(([h, r]) => [r * height, -h * height] as [number, number]);
  const right: [number, number][] = [];
  for (let i = 0; i < points.length - 1; i += 1) {
    const [p0, p1, p2, p3] = [
      points[i - 1] ?? points[i]!,
      points[i]!,
      points[i + 1]!,
      points[i + 2] ?? points[i + 1]!,
    ];
    for (let step = 0; step < 10; step += 1) {
      const t = step / 10;
      const at = (a: number, b: number, c: number, d: number) =>
        0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t ** 3);
      right.push([Math.max(1, at(p0[0], p1[0], p2[0], p3[0])), at(p0[1], p1[1], p2[1], p3[1])]);
    }
  }
  right.push(points.at(-1)!);
  return { right, radius: points.at(-1)![0], foot: points[0]![0] };
}

function widestOf(line: Outline): number {
  return Math.max(...line.right.map(([x]) => x));
}

function silhouette(line: Outline, tilt: number): string {
  const up = line.right.map(([x, y]) => `${n(x)} ${n(y)}`).join('L');
  const down = [...line.right]
    .reverse()
    .map(([x, y]) => `${n(-x)} ${n(y)}`)
    .join('L');
  const [foot, radius, top] = [line.foot, line.radius, line.right.at(-1)![1]];
  return `M${n(-foot)} 0A${n(foot)} ${n(foot * tilt)} 0 0 0 ${n(foot)} 0L${up}A${n(radius)} ${n(radius * tilt)} 0 0 0 ${n(-radius)} ${n(top)}L${down}Z`;
}

/** Edge of a dip: a wave around the piece that runs down in places. */
function runningEdge(y: number, half: number, depth: number, tilt: number, chance: Random): string {
  const steps = 14;
  let path = `M${n(-half * 1.1)} ${n(y)}`;
  for (let i = 0; i <= steps; i += 1) {
    const x = -half * 1.1 + (2.2 * half * i) / steps;
    const round = half * tilt * Math.sqrt(Math.max(0, 1 - (x / half) ** 2));
    const run = chance.chance(0.3) ? chance.between(0.4, 1) * depth : chance.between(0, 0.25) * depth;
    path += `S${n(x - half / steps)} ${n(y + round + run)} ${n(x)} ${n(y + round + run * 0.8)}`;
  }
  return path;
}

/** How wide and high a piece of this height is drawn, with what is added to it. */
export function pieceSize(piece: Piece, height: number): { left: number; right: number; top: number } {
  const profile = profiles[piece.profile];
  const line = outline(profile, height);
  const half = widestOf(line);
  return {
    left: half + (piece.extras.includes('spout') ? half * 0.75 : 0),
    right: half + (piece.extras.includes('handle') ? Math.min(half * 0.75, height * 0.34) : 0),
    top: height + line.radius * profile.tilt + (piece.extras.includes('lid') ? height * 0.3 : 0),
  };
}

/**
 * One piece as SVG, standing on the origin, lit from one side.
 * @param id unique in the picture; prefixes what is referred to
 * @param light -1 from the left, 1 from the right
 */
export function drawPiece(id: string, piece: Piece, height: number, light: -1 | 1, chance: Random): string {
  const profile: Profile = profiles[piece.profile];
  const { glaze } = piece;
  const { tilt } = profile;
  const line = outline(profile, height);
  const half = widestOf(line);
  const top = line.right.at(-1)![1];
  const body = silhouette(line, tilt);
  const open = !piece.extras.includes('lid') && piece.profile !== 'butterLid' && piece.profile !== 'stool';
  const bright = light < 0 ? 0.3 : 0.7;

  const shades = [
    [0, light < 0 ? 0.3 : 0.62],
    [bright - 0.16, 0.02],
    [bright + 0.16, 0.04],
    [1, light < 0 ? 0.62 : 0.3],
  ] as const;
  const defs = [
    `<clipPath id="${id}c"><path d="${body}"/></clipPath>`,
    `<linearGradient id="${id}s" x1="0" x2="1">${shades.map(([at, dark]) => `<stop offset="${at}" stop-color="#0d0a08" stop-opacity="${dark}"/>`).join('')}</linearGradient>`,
    `<linearGradient id="${id}v" x1="0" x2="0" y1="0" y2="1"><stop offset="0" stop-color="#fff" stop-opacity=".1"/><stop offset=".55" stop-color="#fff" stop-opacity="0"/><stop offset="1" stop-color="#0d0a08" stop-opacity=".34"/></linearGradient>`,
    `<radialGradient id="${id}b"><stop offset="0" stop-color="#fff"/><stop offset=".35" stop-color="#fff" stop-opacity=".75"/><stop offset="1" stop-color="#fff" stop-opacity="0"/></radialGradient>`,
  ];
  const span = `x="${n(-half * 1.2)}" y="${n(top - half)}" width="${n(half * 2.4)}" height="${n(-top + 2 * half)}"`;
  const layers = [`<rect ${span} fill="${glaze.colour}"/>`];

  // Where glaze runs and pools it is deeper in colour.
  layers.push(
    `<path d="${runningEdge(top * 0.24, half, height * 0.07, tilt, chance)}L${n(half * 1.2)} ${n(half)}L${n(-half * 1.2)} ${n(half)}Z" fill="${glaze.deep}" fill-opacity=".38"/>`,
  );
  if (piece.finish === 'dipped')
    layers.push(
      `<path d="${runningEdge(top * 0.6, half, height * 0.1, tilt, chance)}L${n(half * 1.2)} ${n(top - half)}L${n(-half * 1.2)} ${n(top - half)}Z" fill="${mix(glaze.deep, glaze.colour, 0.15)}" fill-opacity=".92"/>`,
    );
  if (piece.finish === 'banded')
    for (const at of [0.62, 0.72])
      layers.push(
        `<path d="M${n(-half * 1.1)} ${n(top * at)}Q0 ${n(top * at + half * tilt * 1.5)} ${n(half * 1.1)} ${n(top * at)}" fill="none" stroke="${glaze.deep}" stroke-width="${n(height * 0.035)}" stroke-opacity=".75"/>`,
      );
  if (piece.finish === 'bareFoot')
    layers.push(
      `<path d="${runningEdge(top * 0.16, half, height * 0.03, tilt, chance)}L${n(half * 1.2)} ${n(half)}L${n(-half * 1.2)} ${n(half)}Z" fill="${CLAY}"/>`,
    );

  // Rings left by the maker's fingers.
  const rings = Math.max(2, Math.round(height / 60));
  for (let i = 1; i <= rings; i += 1) {
    const y = top * ((i + chance.between(-0.2, 0.2)) / (rings + 1));
    layers.push(
      `<path d="M${n(-half)} ${n(y)}Q0 ${n(y + half * tilt * 1.6)} ${n(half)} ${n(y)}" fill="none" stroke="${i % 2 ? '#0d0a08' : '#fff'}" stroke-width="${n(height * 0.008)}" stroke-opacity=".08"/>`,
    );
  }
  if (glaze.speckled)
    for (let i = 0; i < 150; i += 1)
      layers.push(
        `<circle cx="${n(chance.between(-half, half))}" cy="${n(chance.between(top, half * tilt))}" r="${n(chance.between(0.6, 2.6))}" fill="${darker(glaze.deep, 0.45)}" fill-opacity="${chance.between(0.3, 0.8).toFixed(2)}"/>`,
      );
  layers.push(`<rect ${span} fill="url(#${id}s)"/>`, `<rect ${span} fill="url(#${id}v)"/>`);
  // The window it was photographed by.
  layers.push(
    `<ellipse cx="${n(light * half * 0.42)}" cy="${n(top * 0.62)}" rx="${n(half * 0.14)}" ry="${n(height * 0.27)}" fill="url(#${id}b)" fill-opacity="${(0.14 + 0.5 * glaze.gloss).toFixed(2)}"/>`,
  );

  const behind = piece.extras.includes('handle') ? drawHandle(id, line, height, glaze, light) : '';
  const spout = piece.extras.includes('spout') ? drawSpout(line, height, glaze) : '';
  const lip = piece.extras.includes('lip')
    ? `<path d="M${n(-line.radius * 0.98)} ${n(top + line.radius * tilt * 0.3)}Q${n(-line.radius * 1.42)} ${n(top - height * 0.035)} ${n(-line.radius * 1.34)} ${n(top - height * 0.05)}Q${n(-line.radius * 0.9)} ${n(top - height * 0.03)} ${n(-line.radius * 0.35)} ${n(top - line.radius * tilt * 0.8)}Z" fill="${lighter(glaze.colour, 0.12)}"/>`
    : '';
  const lid = piece.extras.includes('lid') ? drawLid(id, line, height, tilt, glaze, light) : '';
  const rim = open
    ? drawOpening(id, line, top, tilt, glaze, light)
    : lid
      ? ''
      : drawTop(line, top, tilt, glaze);
  return `<defs>${defs.join('')}</defs>${behind}${spout}${lip}<g clip-path="url(#${id}c)">${layers.join('')}</g>${rim}${lid}`;
}

function drawOpening(
  id: string,
  line: Outline,
  top: number,
  tilt: number,
  glaze: Glaze,
  light: -1 | 1,
): string {
  const { radius } = line;
  const inner = radius * 0.94;
  const [from, to] = light < 0 ? [0.55, 0.1] : [0.1, 0.55];
  return (
    `<defs><linearGradient id="${id}o" x1="0" x2="1"><stop offset="0" stop-color="${darker(glaze.deep, from)}"/><stop offset="1" stop-color="${darker(glaze.colour, to)}"/></linearGradient></defs>` +
    `<ellipse cx="0" cy="${n(top)}" rx="${n(radius)}" ry="${n(radius * tilt)}" fill="${lighter(glaze.colour, 0.22)}"/>` +
    `<ellipse cx="0" cy="${n(top + radius * tilt * 0.03)}" rx="${n(inner)}" ry="${n(inner * tilt * 0.93)}" fill="url(#${id}o)"/>` +
    `<ellipse cx="0" cy="${n(top + radius * tilt * 0.3)}" rx="${n(inner * 0.7)}" ry="${n(inner * tilt * 0.56)}" fill="${glaze.deep}" fill-opacity=".35"/>`
  );
}

function drawTop(line: Outline, top: number, tilt: number, glaze: Glaze): string {
  return `<ellipse cx="0" cy="${n(top)}" rx="${n(line.radius)}" ry="${n(line.radius * tilt)}" fill="${lighter(glaze.colour, 0.16)}"/>`;
}

function drawHandle(id: string, line: Outline, height: number, glaze: Glaze, light: -1 | 1): string {
  const at = (share: number) => line.right[Math.round(share * (line.right.length - 1))]!;
  const [from, to] = [at(0.85), at(0.28)];
  const reach = Math.min(widestOf(line) * 0.95, height * 0.46);
  const path = `M${n(from[0] - 4)} ${n(from[1])}C${n(from[0] + reach)} ${n(from[1] - height * 0.1)} ${n(to[0] + reach)} ${n(to[1] + height * 0.08)} ${n(to[0] - 6)} ${n(to[1])}`;
  const thick = height * 0.085;
  const lit = light > 0 ? lighter(glaze.colour, 0.28) : glaze.colour;
  return (
    `<path d="${path}" fill="none" stroke="${darker(glaze.deep, 0.35)}" stroke-width="${n(thick)}" stroke-linecap="round"/>` +
    `<path d="${path}" fill="none" stroke="${darker(glaze.colour, 0.16)}" stroke-width="${n(thick * 0.72)}" stroke-linecap="round"/>` +
    `<path d="${path}" fill="none" stroke="${lit}" stroke-width="${n(thick * 0.24)}" stroke-linecap="round" stroke-opacity=".7" data-of="${id}"/>`
  );
}

function drawSpout(line: Outline, height: number, glaze: Glaze): string {
  const half = widestOf(line);
  const tip = [-half * 1.7, -height * 0.94] as const;
  return (
    `<path d="M${n(-half * 0.7)} ${n(-height * 0.28)}C${n(-half * 1.2)} ${n(-height * 0.3)} ${n(-half * 1.2)} ${n(-height * 0.74)} ${n(tip[0])} ${n(tip[1])}L${n(tip[0] + height * 0.12)} ${n(tip[1] - height * 0.02)}C${n(-half * 1.1)} ${n(-height * 0.72)} ${n(-half * 0.9)} ${n(-height * 0.7)} ${n(-half * 0.6)} ${n(-height * 0.66)}Z" fill="${darker(glaze.colour, 0.24)}"/>` +
    `<path d="M${n(-half * 0.86)} ${n(-height * 0.5)}C${n(-half * 1.1)} ${n(-height * 0.56)} ${n(-half * 1.25)} ${n(-height * 0.78)} ${n(tip[0] + 8)} ${n(tip[1] + 4)}" fill="none" stroke="${lighter(glaze.colour, 0.3)}" stroke-width="${n(height * 0.03)}" stroke-linecap="round" stroke-opacity=".6"/>`
  );
}

function drawLid(
  id: string,
  line: Outline,
  height: number,
  tilt: number,
  glaze: Glaze,
  light: -1 | 1,
): string {
  const top = line.right.at(-1)![1];
  const radius = line.radius * 1.06;
  const dome = height * 0.13;
  const knob = height * 0.055;
  return (
    `<defs><linearGradient id="${id}l" x1="0" x2="1"><stop offset="0" stop-color="${light < 0 ? lighter(glaze.colour, 0.2) : darker(glaze.colour, 0.45)}"/><stop offset="1" stop-color="${light < 0 ? darker(glaze.colour, 0.45) : lighter(glaze.colour, 0.2)}"/></linearGradient></defs>` +
    `<path d="M${n(-radius)} ${n(top)}Q${n(-radius * 0.7)} ${n(top - dome)} 0 ${n(top - dome * 1.1)}Q${n(radius * 0.7)} ${n(top - dome)} ${n(radius)} ${n(top)}A${n(radius)} ${n(radius * tilt)} 0 0 1 ${n(-radius)} ${n(top)}Z" fill="url(#${id}l)"/>` +
    `<ellipse cx="0" cy="${n(top - dome * 1.1 - knob * 0.7)}" rx="${n(knob * 1.15)}" ry="${n(knob)}" fill="${darker(glaze.colour, 0.2)}"/>` +
    `<ellipse cx="${n(light * knob * 0.35)}" cy="${n(top - dome * 1.1 - knob)}" rx="${n(knob * 0.4)}" ry="${n(knob * 0.3)}" fill="#fff" fill-opacity=".5"/>`
  );
}
