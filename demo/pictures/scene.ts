import { random } from '../random.ts';
import { glazeNamed } from '../store/glazes.ts';
import { darker, lighter, mix } from './colour.ts';
import { drawBlock, drawTiles, drawTools } from './flat.ts';
import { drawPiece, pieceSize, type Piece } from './piece.ts';
import { profiles } from './profiles.ts';

export type Thing =
  | { draw: 'piece'; piece: Piece; scale?: number }
  | { draw: 'tiles'; glaze: string; across: number; relief: 'plain' | 'arcs' | 'leaf' }
  | { draw: 'block'; colour: string }
  | { draw: 'tools'; count: number };

/** What a picture shows; the same description gives the same picture. */
export interface Scene {
  seed: string;
  width: number;
  height: number;
  things: readonly Thing[];
  /** Backdrop colour; null for none, so that the page shows through. */
  ground: string | null;
  /** Nearer than usual, as a second picture often is. */
  near?: boolean;
  /** How far from the middle, as a share of the width; room is left for words there. */
  aside?: number;
}

const n = (value: number) => value.toFixed(1);

function groundSvg({ width, height, ground }: Scene, floorY: number, light: -1 | 1): string {
  if (!ground) return '';
  const cx = light < 0 ? 0.3 : 0.7;
  return (
    `<defs><radialGradient id="wall" cx="${cx}" cy=".3" r=".9"><stop offset="0" stop-color="${lighter(ground, 0.35)}"/><stop offset="1" stop-color="${darker(ground, 0.1)}"/></radialGradient>` +
    `<linearGradient id="floor" x1="0" x2="0" y1="0" y2="1"><stop offset="0" stop-color="${darker(ground, 0.1)}" stop-opacity="0"/><stop offset=".25" stop-color="${darker(ground, 0.08)}" stop-opacity=".85"/><stop offset="1" stop-color="${lighter(ground, 0.12)}"/></linearGradient></defs>` +
    `<rect width="${width}" height="${height}" fill="url(#wall)"/>` +
    `<rect y="${n(floorY - height * 0.16)}" width="${width}" height="${n(height - floorY + height * 0.16)}" fill="url(#floor)"/>`
  );
}

/** A shadow that fades outwards; a gradient, since real blurs take most of the time of drawing. */
const shadowFill = (id: string, dark: number) =>
  `<radialGradient id="${id}"><stop offset="0" stop-color="#0d0a08" stop-opacity="${dark}"/><stop offset=".45" stop-color="#0d0a08" stop-opacity="${dark * 0.72}"/><stop offset="1" stop-color="#0d0a08" stop-opacity="0"/></radialGradient>`;

/** Height a thing is drawn at, px, and how far it reaches from its middle. */
function measure(thing: Thing, unit: number): { height: number; left: number; right: number; top: number } {
  if (thing.draw === 'piece') {
    const height = profiles[thing.piece.profile].tall * unit * (thing.scale ?? 1);
    return { height, ...pieceSize(thing.piece, height) };
  }
  const side = thing.draw === 'tiles' ? 0.66 * unit : thing.draw === 'block' ? 0.34 * unit : 0.6 * unit;
  const half = thing.draw === 'block' ? side * 0.8 : thing.draw === 'tools' ? side * 0.5 : side / 2;
  return { height: side, left: half, right: half * (thing.draw === 'block' ? 1.4 : 1), top: side };
}

/** Whole pictures as SVG, drawn from profile curves, glazes and light; no two seeds are quite alike. */
export function sceneSvg(scene: Scene): string {
  const chance = random(scene.seed);
  const { width, height, things } = scene;
  const light = chance.chance(0.75) ? -1 : 1;
  const measures = (unit: number) => things.map((thing) => measure(thing, unit));
  // Things overlap a little when several stand together; all of it must fit with room around.
  const overlap = things.length > 1 ? 0.86 : 1;
  // What stands aside has but its own part of the width.
  const free = width * (1 - 2 * (scene.aside ?? 0));
  const spanAt = (unit: number) => measures(unit).reduce((sum, m) => sum + (m.left + m.right) * overlap, 0);
  const tallAt = (unit: number) => Math.max(...measures(unit).map((m) => m.top));
  const room = scene.aside ? 0.92 : scene.near ? 0.92 : 0.7;
  const base = 1000;
  const unit =
    base * Math.min((free * room) / spanAt(base), (height * (scene.near ? 0.84 : 0.72)) / tallAt(base));
  const sizes = measures(unit);
  const floorY = Math.min(height * 0.88, height / 2 + tallAt(unit) * 0.5 + height * 0.02);

  let x = width * (0.5 + (scene.aside ?? 0)) - spanAt(unit) / 2;
  const placed = things.map((thing, i) => {
    const m = sizes[i]!;
    const at = x + m.left * overlap;
    x += (m.left + m.right) * overlap;
    return { thing, m, x: at, y: floorY - (i % 2 ? height * 0.025 : 0) };
  });
  const shadows = placed
    .map(({ thing, m, x: cx, y }) => {
      if (thing.draw === 'tiles') return '';
      const rx = (m.left + m.right) * 0.5;
      const flat = thing.draw === 'piece' ? profiles[thing.piece.profile].tilt : 0.12;
      return (
        `<ellipse cx="${n(cx - light * rx * 0.35)}" cy="${n(y + rx * 0.03)}" rx="${n(rx * 1.3)}" ry="${n(rx * flat * 0.95 + 4)}" fill="url(#soft)"/>` +
        `<ellipse cx="${n(cx)}" cy="${n(y + rx * 0.02)}" rx="${n(rx * 0.78)}" ry="${n(rx * flat * 0.66 + 3)}" fill="url(#contact)"/>`
      );
    })
    .join('');
  const drawn = [...placed]
    .sort((a, b) => a.y - b.y)
    .map(({ thing, m, x: cx, y }, i) => {
      const inner =
        thing.draw === 'piece'
          ? drawPiece(`p${i}`, thing.piece, m.height, light, chance)
          : thing.draw === 'tiles'
            ? drawTiles(glazeNamed(thing.glaze), thing.across, m.height, thing.relief, chance)
            : thing.draw === 'block'
              ? drawBlock(thing.colour, m.height * 1.6, m.height)
              : drawTools(m.height, thing.count, chance);
      return `<g transform="translate(${n(cx)} ${n(y)})">${inner}</g>`;
    })
    .join('');
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">` +
    `<defs>${shadowFill('soft', 0.3)}${shadowFill('contact', 0.62)}</defs>` +
    groundSvg(scene, floorY, light) +
    shadows +
    drawn +
    `</svg>`
  );
}

/** A flat patch of glaze, for swatches of what a plain colour cannot tell. */
export function swatchSvg(glazeName: string): string {
  const glaze = glazeNamed(glazeName);
  const chance = random(`swatch ${glazeName}`);
  const dots = Array.from(
    { length: 70 },
    () =>
      `<circle cx="${n(chance.between(0, 160))}" cy="${n(chance.between(0, 160))}" r="${n(chance.between(0.8, 3))}" fill="${darker(glaze.deep, 0.4)}" fill-opacity=".7"/>`,
  ).join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" width="160" height="160"><defs><linearGradient id="g" x1="0" y1="0" x2="1" y2="1"><stop offset="0" stop-color="${lighter(glaze.colour, 0.15)}"/><stop offset="1" stop-color="${mix(glaze.colour, glaze.deep, 0.4)}"/></linearGradient></defs><rect width="160" height="160" fill="url(#g)"/>${dots}</svg>`;
}
