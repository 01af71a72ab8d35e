import { memo } from 'react';
import { bandAt, type Bands } from '../../../core/bands/bands.ts';
import { innerWidth } from '../../../core/geometry/steps.ts';
import { bayHeight } from '../../../core/view/bayHeight.ts';
import { shelfMeasure } from '../../../core/view/shelfMeasure.ts';
import { filtersBeside } from '../../../core/view/toolsHeight.ts';
import { shelvesDrawn } from '../../../core/view/shelvesIn.ts';
import type { BayView } from '../../../core/view/view.ts';
import { t } from '../../ui/theme.ts';

/** Width of the strip's drawings, px. */
export const DRAWN_PX = 120;
const WIDTH = DRAWN_PX;
const LEAST = 12;
const MOST = 76;

interface BayDrawingProps {
  bay: BayView | undefined;
  bands: Bands;
  /** Region width that it is drawn at, px. */
  regionPx: number;
  /** Where its room begins in the region, px from the start; absent in the middle. */
  startPx?: number;
  /** How the page is read. */
  direction: 'ltr' | 'rtl';
  chosen: boolean;
  hidden: boolean;
  conditional: boolean;
  /** How many tabs it has, and the place of the open one. */
  tabs?: number;
  open?: number;
}

/** A tab small: its width and height and the space between two, px. */
const TAB = { width: 14, height: 3, between: 6 };

/** A bay small and to scale: its cards where they stand, from the same geometry that the frames have. */
export const BayDrawing = memo(function BayDrawing({
  bay,
  bands,
  regionPx,
  startPx,
  direction,
  chosen,
  hidden,
  conditional,
  tabs = 0,
  open = 0,
}: BayDrawingProps) {
  const scale = WIDTH / regionPx;
  const full = bay ? bayHeight(bay, bands, regionPx) * scale : 0;
  const height = Math.max(LEAST, Math.min(MOST, full || 22));
  const fill = chosen ? '#8FB3A8' : '#D3DADA';
  return (
    <svg width={WIDTH + 2} height={height + 2} aria-hidden="true" style={{ display: 'block' }}>
      <defs>
        <pattern id="hatch" width="6" height="6" patternTransform="rotate(45)" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill={t.paper} />
          <rect width="2" height="6" fill={t.line} />
        </pattern>
      </defs>
      <rect
        x="1"
        y="1"
        width={WIDTH}
        height={height}
        rx="3"
        fill={hidden ? 'url(#hatch)' : '#fff'}
        stroke={t.line}
        strokeDasharray={conditional ? '3 3' : undefined}
      />
      <svg x="1" y="1" width={WIDTH} height={height} viewBox={`0 0 ${WIDTH} ${height}`}>
        {bay && !hidden && (
          <Inside
            bay={bay}
            bands={bands}
            regionPx={regionPx}
            startPx={startPx}
            direction={direction}
            scale={scale}
            height={height}
            fill={fill}
            tabs={tabs}
            open={open}
          />
        )}
      </svg>
    </svg>
  );
});

function Inside({
  bay,
  bands,
  regionPx,
  startPx,
  direction,
  scale,
  height,
  fill,
  tabs,
  open,
}: {
  bay: BayView;
  bands: Bands;
  regionPx: number;
  startPx: number | undefined;
  direction: 'ltr' | 'rtl';
  scale: number;
  height: number;
  fill: string;
  tabs: number;
  open: number;
}) {
  const [shelf] = shelvesDrawn(bay);
  const bandId = bandAt(bands, regionPx).id;
  const wholePx = innerWidth(bay.room, bands, bandId, regionPx);
  const fromPx = startPx ?? (regionPx - wholePx) / 2;
  /** Where something so wide begins in the drawing, which ends where the room of the bay ends. */
  const leftOf = (widthPx: number) =>
    (direction === 'rtl' ? regionPx - fromPx - wholePx : fromPx + wholePx - widthPx) * scale;
  if (!shelf) {
    const [left, width] =
      startPx === undefined ? [4, WIDTH - 8] : [Math.max(2, leftOf(wholePx)), wholePx * scale - 4];
    return <rect x={left} y="4" width={Math.max(4, width)} height={Math.max(4, height - 8)} fill={fill} />;
  }
  const { boxes, heightPx } = shelfMeasure(shelf, bands, regionPx);
  const innerPx = innerWidth(shelf.room, bands, bandId, regionPx);
  const inner = innerPx * scale;
  const strip = Math.min(tabs, 6);
  const stripPx = strip * TAB.width + (strip - 1) * TAB.between;
  const filters = shelf.tools ? filtersBeside(shelf.tools, bands, bandId) : null;
  /** Where something so wide begins that begins where the room of the bay does. */
  const startOf = (widthPx: number) => (direction === 'rtl' ? regionPx - fromPx - widthPx : fromPx) * scale;
  const left = filters?.stand === 'end' ? startOf(innerPx) : leftOf(innerPx);
  const top = strip > 1 ? 5 + TAB.height + 5 : 5;
  // Drawn as high as it is; what does not fit is drawn lower, all rows alike.
  const down = Math.min(scale, (height - top - 5) / Math.max(1, heightPx));
  const mirrored = (shelf.direction ?? direction) === 'rtl';
  return (
    <>
      {strip > 1 &&
        Array.from({ length: strip }, (_, i) => (
          <rect
            key={`tab ${i}`}
            x={left + (inner - stripPx) / 2 + i * (TAB.width + TAB.between)}
            y="5"
            width={TAB.width}
            height={TAB.height}
            rx="1.5"
            fill={i === open ? t.ink2 : fill}
          />
        ))}
      {filters && (
        <rect
          x={filters.stand === 'end' ? leftOf(filters.widthPx) : startOf(filters.widthPx)}
          y={top}
          width={Math.max(1, filters.widthPx * scale - 1)}
          height={Math.max(1, Math.min(height - top - 5, filters.heightPx * down))}
          rx="1"
          fill={fill}
          opacity=".5"
        />
      )}
      {boxes
        .filter((box) => box.x < innerPx)
        .map((box, i) => (
          <rect
            key={i}
            x={mirrored ? left + inner - (box.x + box.width) * scale : left + box.x * scale}
            y={top + box.y * down}
            width={Math.max(1, box.width * scale)}
            height={Math.max(1, box.height * down - 1)}
            rx="1"
            fill={fill}
          />
        ))}
    </>
  );
}
