import { TAPE_END_PX, type Bands } from '../../../core/bands/bands.ts';
import { t } from '../../ui/theme.ts';

const HEIGHT = 44;
const TOP = 12;

/** A measuring tape from 0 to 2560 with the bands on it, to the scale of the frames. */
export function Tape({
  bands,
  scale,
  across,
}: {
  bands: Bands;
  scale: number;
  across: ReadonlyMap<string, string>;
}) {
  const width = TAPE_END_PX * scale;
  const ticks = Array.from({ length: TAPE_END_PX / 40 + 1 }, (_, i) => i * 40);
  const edges = bands.slice(1).map((band) => band.from);
  return (
    <svg
      width={width}
      height={TOP + HEIGHT + 6}
      role="img"
      aria-label={`Widths: ${bands.map((band) => `${band.name} from ${band.from}`).join(', ')}`}
      style={{ display: 'block', overflow: 'visible' }}
    >
      <rect y={TOP} width={width} height={HEIGHT} fill={t.tape} rx="2" />
      <rect y={TOP + HEIGHT - 2} width={width} height="2" fill={t.tapeEdge} />
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
        const x = band.from * scale;
        const words = across.get(band.id);
        return (
          <g key={band.id}>
            {i > 0 && (
              <>
                <line x1={x} x2={x} y1={TOP - 4} y2={TOP + HEIGHT + 5} stroke={t.ink} strokeWidth="2" />
                <rect x={x - 7} y={0} width="14" height="11" rx="2.5" fill={t.ink} />
              </>
            )}
            <text x={x + 8} y={TOP + 38} fontFamily={t.text} fontWeight="600" fontSize="12" fill={t.ink}>
              {band.name}
            </text>
            {words && (
              <title>
                {band.name}: {words}
              </title>
            )}
          </g>
        );
      })}
    </svg>
  );
}

export const TAPE_BOTTOM = TOP + HEIGHT;
