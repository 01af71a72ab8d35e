import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import styled from 'styled-components';
import type { StorePicture } from '../../../core/api/pictures.ts';
import { fillCrop } from '../../../core/picture/crop.ts';
import { renditionAddress } from '../../../core/picture/renditions.ts';
import { Hint } from '../../settings/Stack.tsx';
import { t } from '../../ui/theme.ts';

type Point = StorePicture['focal'];

const Box = styled.div`
  display: grid;
  gap: 8px;
  .whole {
    position: relative;
    justify-self: start;
    max-width: 100%;
    cursor: crosshair;
    touch-action: none;
    line-height: 0;
  }
  .whole img {
    max-width: 100%;
    max-height: 260px;
    border-radius: 4px;
    background: repeating-conic-gradient(#e9edee 0 25%, #fff 0 50%) 0 0 / 12px 12px;
    user-select: none;
  }
  &[data-small] .whole img {
    max-height: 150px;
  }
  .ring {
    position: absolute;
    width: 26px;
    height: 26px;
    margin: -13px 0 0 -13px;
    padding: 0;
    border: 2px solid #fff;
    border-radius: 50%;
    background: radial-gradient(#fff 0 3px, transparent 4px);
    box-shadow:
      0 0 0 1.5px ${t.ink},
      inset 0 0 0 1.5px ${t.ink};
    cursor: grab;
  }
  .ring:focus-visible {
    outline: 3px solid ${t.pine};
    outline-offset: 3px;
  }
  .crops {
    display: flex;
    gap: 8px;
    align-items: end;
  }
  .crops figure {
    margin: 0;
    display: grid;
    gap: 2px;
    font-size: 12px;
    color: ${t.ink2};
  }
  .crops img {
    height: 56px;
    object-fit: cover;
    border-radius: 3px;
  }
`;

/** Proportions that a picture is shown cut to, so that it can be seen what stays. */
const FRAMES = [
  { name: '1:1', ratio: 1 },
  { name: '2:1', ratio: 2 },
  { name: '3:4', ratio: 3 / 4 },
] as const;

const STEP = 0.02;
const BY_KEY: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -STEP, y: 0 },
  ArrowRight: { x: STEP, y: 0 },
  ArrowUp: { x: 0, y: -STEP },
  ArrowDown: { x: 0, y: STEP },
};

const within = (share: number) => Math.round(Math.max(0, Math.min(1, share)) * 100) / 100;
const percent = (share: number) => `${Math.round(share * 100)} %`;

interface FocalPointProps {
  picture: StorePicture;
  /** Just the picture, in little room. */
  small?: boolean;
  onChange(focal: Point): void;
}

/** What stays in sight of a picture wherever it is cut: pressed on the picture, dragged, or moved by arrow keys. */
export function FocalPoint({ picture, small = false, onChange }: FocalPointProps) {
  // While it is dragged it is seen, and not yet said.
  const [dragged, setDragged] = useState<Point | null>(null);
  const focal = dragged ?? picture.focal;
  const at = (event: PointerEvent<HTMLElement>): Point => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: within((event.clientX - box.left) / box.width),
      y: within((event.clientY - box.top) / box.height),
    };
  };
  const onKey = (event: KeyboardEvent) => {
    const by = BY_KEY[event.key];
    if (!by) return;
    event.preventDefault();
    onChange({ x: within(focal.x + by.x), y: within(focal.y + by.y) });
  };
  return (
    <Box data-small={small || undefined}>
      <div
        className="whole"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setDragged(at(event));
        }}
        onPointerMove={(event) => dragged && setDragged(at(event))}
        onPointerUp={(event) => {
          if (!dragged) return;
          setDragged(null);
          onChange(at(event));
        }}
        onPointerCancel={() => setDragged(null)}
      >
        <img src={renditionAddress(picture, 640)} alt={picture.alt} draggable={false} />
        <button
          type="button"
          className="ring"
          style={{ left: `${focal.x * 100}%`, top: `${focal.y * 100}%` }}
          aria-label={`What stays in sight: ${percent(focal.x)} across, ${percent(focal.y)} down. Arrow keys move it.`}
          onKeyDown={onKey}
        />
      </div>
      {!small && (
        <>
          <Hint>
            Press the picture to set the ring: that point stays in sight wherever the picture is cut.
          </Hint>
          <div className="crops">
            {FRAMES.map(({ name, ratio }) => {
              const crop = fillCrop(ratio, picture.width / picture.height, focal);
              return (
                <figure key={name}>
                  <img
                    src={renditionAddress(picture, 160)}
                    alt=""
                    style={{ aspectRatio: ratio, objectPosition: `${crop.x}% ${crop.y}%` }}
                  />
                  <figcaption>{name}</figcaption>
                </figure>
              );
            })}
          </div>
        </>
      )}
    </Box>
  );
}
