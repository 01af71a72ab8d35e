/** Side of a sample's picture, px. */
const SIDE = 900;

/** A colour between two, as #rrggbb. @param share of the second, 0 to 1 */
function mixed(colour: string, other: string, share: number): string {
  const part = (text: string, at: number) => parseInt(text.slice(at, at + 2), 16);
  const parts = [1, 3, 5].map((at) =>
    Math.round(part(colour, at) * (1 - share) + part(other, at) * share)
      .toString(16)
      .padStart(2, '0'),
  );
  return `#${parts.join('')}`;
}

const lighter = (colour: string, share: number) => mixed(colour, '#ffffff', share);
const darker = (colour: string, share: number) => mixed(colour, '#101418', share);

/** Things by shape, as SVG around (0, 0) within 560 by 560 units, standing at y = 280. @param turn 0 to 3, so that four differ */
const SHAPES = {
  bag: (colour: string, turn: number) => {
    const [wide, high] = [190 + turn * 22, 330 + (turn % 2) * 50];
    const top = 280 - high;
    return `<path d="M-90 ${top + 10}C-90 ${top - 170} 90 ${top - 170} 90 ${top + 10}" fill="none" stroke="${darker(colour, 0.35)}" stroke-width="20"/>
<path d="M${-wide + 24} ${top}H${wide - 24}L${wide} 250Q${wide} 280 ${wide - 30} 280H${-wide + 30}Q${-wide} 280 ${-wide} 250Z" fill="${colour}"/>
<path d="M${-wide + 24} ${top}H${wide - 24}L${wide - 18} ${top + 70}H${-wide + 18}Z" fill="${darker(colour, 0.18)}"/>`;
  },
  bottle: (colour: string, turn: number) => {
    const wide = 78 + turn * 14;
    return `<rect x="-40" y="-270" width="80" height="60" rx="14" fill="${darker(colour, 0.45)}"/>
<path d="M-34 -214H34V-150Q${wide} -110 ${wide} -40V240Q${wide} 280 ${wide - 40} 280H${40 - wide}Q${-wide} 280 ${-wide} 240V-40Q${-wide} -110 -34 -150Z" fill="${colour}"/>
<path d="M${-wide + 26} -20V220" stroke="${lighter(colour, 0.45)}" stroke-width="18" stroke-linecap="round"/>
<rect x="${-wide}" y="60" width="${wide * 2}" height="${40 + turn * 20}" fill="${lighter(colour, 0.3)}"/>`;
  },
  box: (colour: string, turn: number) => {
    const [wide, high] = [210 + turn * 14, 330 - turn * 60];
    const top = 280 - high;
    return `<path d="M${-wide} ${top}L${-wide + 60} ${top - 74}H${wide + 20}L${wide - 50} ${top}Z" fill="${lighter(colour, 0.35)}"/>
<path d="M${wide - 50} ${top}L${wide + 20} ${top - 74}V214L${wide - 50} 280Z" fill="${darker(colour, 0.3)}"/>
<rect x="${-wide}" y="${top}" width="${wide * 2 - 50}" height="${high}" fill="${colour}"/>
<rect x="${-wide}" y="${top}" width="${wide * 2 - 50}" height="${Math.round(high * 0.24)}" fill="${darker(colour, 0.14)}"/>`;
  },
  lamp: (colour: string, turn: number) => {
    const [wide, foot] = [120 + turn * 26, 250 - turn * 20];
    return `<rect x="-9" y="-60" width="18" height="330" fill="${darker(colour, 0.5)}"/>
<ellipse cx="0" cy="264" rx="${Math.round(foot / 2)}" ry="22" fill="${darker(colour, 0.5)}"/>
<path d="M${-Math.round(wide * 0.55)} -270H${Math.round(wide * 0.55)}L${wide} -40H${-wide}Z" fill="${colour}"/>
<ellipse cx="0" cy="-40" rx="${wide}" ry="20" fill="${lighter(colour, 0.6)}"/>`;
  },
  notebook: (colour: string, turn: number) => {
    const [wide, high] = [180 - turn * 16, 470 - turn * 40];
    const top = 280 - high;
    return `<rect x="${-wide + 16}" y="${top + 12}" width="${wide * 2}" height="${high - 12}" rx="12" fill="#f4f1ea"/>
<rect x="${-wide}" y="${top}" width="${wide * 2}" height="${high - 10}" rx="14" fill="${colour}"/>
<rect x="${-wide}" y="${top}" width="44" height="${high - 10}" rx="14" fill="${darker(colour, 0.3)}"/>
<rect x="-70" y="${top + 70}" width="${150 + turn * 10}" height="64" rx="6" fill="${lighter(colour, 0.7)}"/>`;
  },
  plant: (colour: string, turn: number) => {
    const leaves = 5 + turn * 2;
    const blades = Array.from({ length: leaves }, (_, i) => {
      const lean = ((i / (leaves - 1)) * 2 - 1) * (58 + turn * 8);
      return `<path d="M0 70C-46 -20 -40 -160 0 -270C40 -160 46 -20 0 70Z" fill="${i % 2 ? lighter(colour, 0.18) : colour}" transform="rotate(${Math.round(lean)} 0 70)"/>`;
    }).join('\n');
    return `${blades}
<path d="M-120 60H120L92 280H-92Z" fill="#c08a63"/>
<rect x="-134" y="44" width="268" height="52" rx="8" fill="#a9744f"/>`;
  },
} as const;

export type SampleShape = keyof typeof SHAPES;

/** The picture of a sample, as SVG. @param turn 0 to 3: which of the four of its category */
export function sampleDrawing(shape: SampleShape, colour: string, turn: number): string {
  const ground = lighter(colour, 0.82);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${SIDE}" height="${SIDE}" viewBox="0 0 ${SIDE} ${SIDE}">
<rect width="${SIDE}" height="${SIDE}" fill="${ground}"/>
<rect y="640" width="${SIDE}" height="${SIDE - 640}" fill="${lighter(colour, 0.7)}"/>
<ellipse cx="450" cy="738" rx="${250}" ry="30" fill="${darker(colour, 0.3)}" fill-opacity=".22"/>
<g transform="translate(450 450)">${SHAPES[shape](colour, turn)}</g>
</svg>`;
}
