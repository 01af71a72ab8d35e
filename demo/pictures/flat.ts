import type { Random } from '../random.ts';
import type { Glaze } from '../store/glazes.ts';
import { darker, lighter, mix } from './colour.ts';

const n = (value: number) => value.toFixed(1);

/** Tiles laid side by side, seen from the front, each with a relief of its own. */
export function drawTiles(
  glaze: Glaze,
  across: number,
  side: number,
  relief: 'plain' | 'arcs' | 'leaf',
  chance: Random,
): string {
  const gap = side * 0.018;
  const one = (side - gap * (across - 1)) / across;
  let svg = `<defs><linearGradient id="tl" x1="0" y1="0" x2="1" y2="1"><stop offset="0" stop-color="#fff" stop-opacity=".3"/><stop offset=".5" stop-color="#fff" stop-opacity="0"/><stop offset="1" stop-color="#0d0a08" stop-opacity=".26"/></linearGradient></defs>`;
  for (let row = 0; row < across; row += 1)
    for (let column = 0; column < across; column += 1) {
      const [x, y] = [-side / 2 + column * (one + gap), -side + row * (one + gap)];
      const tone = mix(
        glaze.colour,
        chance.chance(0.5) ? glaze.deep : lighter(glaze.colour, 0.4),
        chance.between(0, 0.3),
      );
      svg += `<g transform="translate(${n(x)} ${n(y)})"><rect width="${n(one)}" height="${n(one)}" rx="${n(one * 0.03)}" fill="${tone}"/>`;
      const line = `fill="none" stroke="${darker(glaze.deep, 0.2)}" stroke-opacity=".55" stroke-width="${n(one * 0.022)}"`;
      if (relief === 'arcs') {
        const turned = chance.whole(0, 3) * 90;
        svg += `<g transform="rotate(${turned} ${n(one / 2)} ${n(one / 2)})">${[0.3, 0.55, 0.8].map((r) => `<path d="M0 ${n(one * r)}A${n(one * r)} ${n(one * r)} 0 0 0 ${n(one * r)} 0" ${line}/>`).join('')}</g>`;
      }
      if (relief === 'leaf')
        svg += `<path d="M${n(one * 0.2)} ${n(one * 0.82)}Q${n(one * 0.16)} ${n(one * 0.22)} ${n(one * 0.8)} ${n(one * 0.18)}Q${n(one * 0.84)} ${n(one * 0.78)} ${n(one * 0.2)} ${n(one * 0.82)}M${n(one * 0.2)} ${n(one * 0.82)}L${n(one * 0.7)} ${n(one * 0.3)}" ${line}/>`;
      svg += `<rect width="${n(one)}" height="${n(one)}" rx="${n(one * 0.03)}" fill="url(#tl)"/></g>`;
    }
  return svg;
}

/** A wrapped block of clay with its paper band. */
export function drawBlock(colour: string, width: number, height: number): string {
  const depth = width * 0.22;
  return (
    `<path d="M${n(-width / 2)} ${n(-height)}l${n(depth)} ${n(-depth * 0.55)}h${n(width)}l${n(-depth)} ${n(depth * 0.55)}Z" fill="${lighter(colour, 0.22)}"/>` +
    `<path d="M${n(width / 2)} ${n(-height)}l${n(depth)} ${n(-depth * 0.55)}v${n(height)}l${n(-depth)} ${n(depth * 0.55)}Z" fill="${darker(colour, 0.3)}"/>` +
    `<rect x="${n(-width / 2)}" y="${n(-height)}" width="${n(width)}" height="${n(height)}" rx="6" fill="${colour}"/>` +
    `<rect x="${n(-width / 2)}" y="${n(-height * 0.72)}" width="${n(width)}" height="${n(height * 0.4)}" fill="#efe7d6"/>` +
    `<path d="M${n(width / 2)} ${n(-height * 0.72)}l${n(depth)} ${n(-depth * 0.55)}v${n(height * 0.4)}l${n(-depth)} ${n(depth * 0.55)}Z" fill="#d3c8b0"/>` +
    [0.63, 0.52, 0.42]
      .map(
        (at, i) =>
          `<rect x="${n(-width * 0.4)}" y="${n(-height * at)}" width="${n(width * (0.5 - i * 0.1))}" height="${n(height * 0.045)}" rx="2" fill="${darker(colour, 0.4)}" fill-opacity=".7"/>`,
      )
      .join('')
  );
}

/** Wooden tools laid in a fan. */
export function drawTools(length: number, count: number, chance: Random): string {
  let svg = '';
  for (let i = 0; i < count; i += 1) {
    const angle = (i - (count - 1) / 2) * 13;
    const wood = chance.pick(['#b98a55', '#8c5f38', '#d1a878', '#6f4a2c']);
    const w = length * 0.055;
    const head =
      i % 3 === 0
        ? `<ellipse cx="0" cy="${n(-length * 0.9)}" rx="${n(w)}" ry="${n(length * 0.1)}" fill="#9fa5a8"/><ellipse cx="0" cy="${n(-length * 0.9)}" rx="${n(w * 0.6)}" ry="${n(length * 0.075)}" fill="#e6e3dc"/>`
        : i % 3 === 1
          ? `<path d="M${n(-w / 2)} ${n(-length * 0.72)}Q${n(-w * 1.4)} ${n(-length * 0.9)} 0 ${n(-length)}Q${n(w * 1.4)} ${n(-length * 0.9)} ${n(w / 2)} ${n(-length * 0.72)}Z" fill="${lighter(wood, 0.2)}"/>`
          : `<rect x="${n(-w * 0.16)}" y="${n(-length)}" width="${n(w * 0.32)}" height="${n(length * 0.3)}" rx="2" fill="#8d9396"/>`;
    svg += `<g transform="rotate(${n(angle)}) translate(0 ${n(-length * 0.04)})">${head}<rect x="${n(-w / 2)}" y="${n(-length * 0.76)}" width="${n(w)}" height="${n(length * 0.76)}" rx="${n(w / 2)}" fill="${wood}"/><rect x="${n(-w * 0.3)}" y="${n(-length * 0.74)}" width="${n(w * 0.18)}" height="${n(length * 0.7)}" rx="2" fill="#fff" fill-opacity=".28"/></g>`;
  }
  return svg;
}
