import { memo } from 'react';
import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { layoutKinds, type LayoutId } from '../../../core/layouts/index.ts';
import { layoutSample } from '../../../core/view/layoutSample.ts';
import { t } from '../../ui/theme.ts';

const Tiles = styled(RadioGroup)`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 6px;
  .react-aria-Radio {
    display: flex;
    flex-direction: column;
    gap: 4px;
    padding: 5px 4px 3px;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    color: ${t.ink};
    font-size: 12px;
    line-height: 16px;
    text-align: center;
    cursor: pointer;
  }
  svg {
    width: 100%;
    display: block;
    fill: #a9b5ba;
  }
  .text {
    fill: #d5dcde;
  }
  .moves {
    fill: none;
    stroke: ${t.ink2};
    stroke-width: 1.4;
  }
  .react-aria-Radio[data-hovered] {
    border-color: ${t.ink};
  }
  .react-aria-Radio[data-selected] {
    border-color: ${t.pine};
    box-shadow: inset 0 0 0 1px ${t.pine};
    background: ${t.pineSoft};
    color: ${t.pine};
    font-weight: 600;
  }
  .react-aria-Radio[data-selected] svg {
    fill: #5f9484;
  }
  .react-aria-Radio[data-selected] .text {
    fill: #b4d0c6;
  }
  .react-aria-Radio[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

/** Size of a drawing. */
const [WIDTH, HEIGHT] = [60, 32];
/** Room at the sides for the arrows of what moves. */
const ARROW = 7;

/** A layout small and to scale: where it puts a dozen pictures. */
const LayoutDrawing = memo(function LayoutDrawing({ id, moves }: { id: LayoutId; moves: boolean }) {
  const { widthPx, boxes } = layoutSample(id);
  const side = moves ? ARROW : 0;
  const scale = (WIDTH - 2 * side) / widthPx;
  const high = Math.max(...boxes.map(({ y, height }) => y + height));
  // Of one row all is drawn; of many the first ones, as of a page that goes on.
  const top = Math.max(0, (HEIGHT - high * scale) / 2);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true">
      <svg x={side} width={WIDTH - 2 * side} height={HEIGHT}>
        {boxes.map(({ x, y, width, height, pictureWidth }, i) => (
          <g key={i} transform={`translate(${x * scale} ${top + y * scale})`}>
            {pictureWidth < width && (
              <rect
                className="text"
                x={(pictureWidth + 20) * scale}
                y={height * scale * 0.3}
                width={(width - pictureWidth - 20) * scale}
                height={Math.max(1, height * scale * 0.4)}
                rx="0.8"
              />
            )}
            <rect
              width={Math.max(1, Math.min(pictureWidth, width) * scale - 0.6)}
              height={Math.max(1, height * scale - 0.6)}
              rx="0.8"
            />
          </g>
        ))}
      </svg>
      {moves && (
        <path className="moves" d={`M4 ${HEIGHT / 2 - 3}l-3 3l3 3M${WIDTH - 4} ${HEIGHT / 2 - 3}l3 3l-3 3`} />
      )}
    </svg>
  );
});

export interface LayoutTilesProps {
  label: string;
  value: LayoutId;
  onChange(value: LayoutId): void;
}

/** Every layout as a tile with a small drawing of what it does. */
export function LayoutTiles({ label, value, onChange }: LayoutTilesProps) {
  return (
    <Tiles aria-label={label} value={value} onChange={(next) => onChange(next as LayoutId)}>
      {layoutKinds.map(({ id, name, moves }) => (
        <Radio key={id} value={id}>
          <LayoutDrawing id={id as LayoutId} moves={moves} />
          {name}
        </Radio>
      ))}
    </Tiles>
  );
}
