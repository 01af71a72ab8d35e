import styled from 'styled-components';
import { TAPE_END_PX, type Bands } from '../../../core/bands/bands.ts';
import type { Trouble } from '../../../core/view/trouble.ts';
import { t } from '../../ui/theme.ts';

const HEIGHT = 44;
const TOP = 12;
export const TAPE_TOP = TOP;
export const TAPE_HEIGHT = HEIGHT;
export const TAPE_BOTTOM = TOP + HEIGHT;

const Svg = styled.svg`
  display: block;
  overflow: visible;
`;

/** A measuring tape from 0 to 2560 with the bands on it, to the scale of the frames. */
export function Tape({
  bands,
  scale,
  across,
  troubles,
}: {
  bands: Bands;
  scale: number;
  /** What the chosen shelf has side by side, by band: in full, and as a bare number. */
  across: ReadonlyMap<string, readonly [words: string, number: string]>;
  troubles: readonly Trouble[];
}) {
  const width = TAPE_END_PX * scale;
  const ticks = Array.from({ length: TAPE_END_PX / 40 + 1 }, (_, i) => i * 40);
  const edges = bands.slice(1).map((band) => band.from);
  return (
    <Svg
      width={width}
      height={TOP + HEIGHT + 6}
      role="img"
      aria-label={`Widths: ${bands.map((band) => `${band.name} from ${band.from}`).join(', ')}`}
    >
      <rect y={TOP} width={width} height={HEIGHT} fill={t.tape} rx="2" />
      <rect y={TOP + HEIGHT - 2} width={width} height="2" fill={t.tapeEdge} />
      {troubles.map(({ from, to, words }) => (
        <rect
          key={`${from} ${words}`}
          x={from * scale}
          width={Math.max(0, Math.min(to, TAPE_END_PX) - from) * scale}
          y={TOP + HEIGHT - 4}
          height="4"
          fill={t.brick}
        >
          <title>{`From ${from}: ${words}`}</title>
        </rect>
      ))}
      {ticks.map((at) => (
        <line
          key={at}
          x1={at * scale}
          x2={at * scale}
          y1={TOP}
          y2={TOP + (at % 200 === 0 ? 12 : 6)}
          stroke={t.ink}
          strokeOpacity={at % 200 === 0 ? 0.9 : 0.45}
        />
      ))}
      {ticks
        .filter((at) => at % 400 === 0 && at > 0)
        .map((at) => {
          // A clip would cover a number that ends at its tick, so that number begins there.
          const x = at * scale;
          const covered = edges.some((edge) => edge * scale > x - 38 && edge * scale < x + 4);
          const free = !edges.some((edge) => edge * scale > x - 2 && edge * scale < x + 38);
          return (
            <text
              key={at}
              x={covered && free ? x + 4 : x - 4}
              y={TOP + 23}
              textAnchor={covered && free ? 'start' : 'end'}
              fontFamily={t.measures}
              fontSize="11"
              fill={t.ink}
            >
              {at}
            </text>
          );
        })}
      {bands.map((band, i) => {
        const room = ((bands[i + 1]?.from ?? TAPE_END_PX) - band.from) * scale;
        // In full where there is room, else at least the number.
        const count = across.get(band.id)?.find((one) => room > 6.4 * (band.name.length + one.length) + 22);
        return (
          <text
            key={band.id}
            x={band.from * scale + 8}
            y={TOP + 37}
            fontFamily={t.text}
            fontWeight="600"
            fontSize="12"
            fill={t.ink}
          >
            {room > 7 * band.name.length + 14 ? band.name : ''}
            {count && (
              <tspan fontWeight="400" dx="5">
                {count}
              </tspan>
            )}
          </text>
        );
      })}
    </Svg>
  );
}
