import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { edgeLayout } from '../../../core/view/edgeLayout.ts';
import type { EdgeView, PageView } from '../../../core/view/view.ts';
import { t } from '../../ui/theme.ts';
import { DRAWN_PX } from './BayDrawing.tsx';

const LEAST = 8;

const Edge = styled(Button)`
  border: 0;
  background: none;
  padding: 0 10px 0 14px;
  text-align: start;
  cursor: pointer;
  color: ${t.ink2};
  font-size: 12px;
  outline: none;
  span {
    display: flex;
    justify-content: space-between;
    gap: 6px;
    margin-top: 3px;
  }
  svg {
    display: block;
    border-radius: 4px;
  }
  &[data-focus-visible] svg {
    outline: 2px solid ${t.ink};
    outline-offset: 2px;
  }
  &[data-hovered] svg {
    outline: 1px solid ${t.edge};
  }
`;

/** The header or the footer small and to scale, with what stands in it where it stands. */
export function EdgeDrawing({
  edge,
  view,
  regionPx,
  name,
  chosen,
  onPress,
}: {
  edge: EdgeView;
  view: PageView;
  regionPx: number;
  name: string;
  /** The bay that is arranged; null where that is none of these. */
  chosen: string | null;
  onPress: () => void;
}) {
  const { boxes, heightPx } = edgeLayout(edge, view, regionPx);
  const scale = DRAWN_PX / regionPx;
  const height = Math.max(LEAST, heightPx * scale);
  return (
    <Edge aria-label={`Arrange the ${name.toLowerCase()}`} onPress={onPress}>
      <svg width={DRAWN_PX + 2} height={height + 2} aria-hidden="true">
        <rect
          x="1"
          y="1"
          width={DRAWN_PX}
          height={height}
          rx="3"
          fill={edge.background ?? '#fff'}
          stroke={t.line}
        />
        {boxes.map(({ bayId, x, y, width, height: high }) => (
          <rect
            key={bayId}
            x={1 + (view.direction === 'rtl' ? regionPx - x - width : x) * scale}
            y={1 + y * scale}
            width={Math.max(1, width * scale)}
            height={Math.max(1, high * scale)}
            rx="1"
            fill={bayId === chosen ? '#8FB3A8' : '#D3DADA'}
          />
        ))}
      </svg>
      <span>
        {name}
        <small>every page</small>
      </span>
    </Edge>
  );
}
