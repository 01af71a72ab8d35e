import { useEffect, useMemo, useState } from 'react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { pageStyles } from '../../core/css/pageCss.ts';
import type { StyleElement } from '../../core/style/element.ts';
import { stateKinds, type StateId } from '../../core/style/states.ts';
import type { PageView } from '../../core/view/view.ts';
import { Frame } from '../arrange/wall/Frame.tsx';
import { t } from '../ui/theme.ts';
import { drawIn } from './drawIn.ts';

const Strip = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  button {
    display: grid;
    gap: 4px;
    padding: 4px 4px 5px;
    border: 1px solid ${t.line};
    border-radius: ${t.corner};
    background: ${t.paper};
    font-size: 12px;
    cursor: pointer;
  }
  button[data-selected] {
    border-color: ${t.pine};
    box-shadow: 0 0 0 1px ${t.pine};
    color: ${t.pine};
    font-weight: 600;
  }
  .sight {
    overflow: hidden;
    border-radius: 3px;
    pointer-events: none;
    background: #fff;
  }
`;

/** What is seen of a state, px. */
const SIGHT = { width: 118, height: 76 };
/** What is seen around an element, so that its shadow and its focus ring are. */
const AROUND_PX = 10;
/** Height of a frame, of which it shows the page around the element. */
const FRAME_PX = 2400;

const nothing = () => undefined;

export interface StatesStripProps {
  /** Of a page with no more bays than are needed. */
  view: PageView;
  element: StyleElement;
  widthPx: number;
  state: StateId;
  onState(state: StateId): void;
}

/** An element in each of its states, side by side, as the storefront draws them. */
export function StatesStrip({ view, element, widthPx, state, onState }: StatesStripProps) {
  const styles = useMemo(() => pageStyles(view), [view]);
  return (
    <Strip role="group" aria-label={`States of ${element.name}`}>
      {element.states.map((one) => (
        <ToggleButton key={one} isSelected={one === state} onChange={() => onState(one)}>
          <Drawn {...{ view, styles, element, widthPx }} state={one} />
          {stateKinds[one].name}
        </ToggleButton>
      ))}
    </Strip>
  );
}

interface DrawnProps extends Omit<StatesStripProps, 'onState'> {
  styles: ReadonlyMap<string, string>;
}

/** What of a frame is seen, px of the page. */
interface Seen {
  x: number;
  y: number;
  scale: number;
}

function seenOf(drawn: HTMLElement): Seen {
  // Within its frame alone: what the frame is in stays where it is.
  const page = drawn.ownerDocument.defaultView!;
  page.scrollTo({
    top: page.scrollY + drawn.getBoundingClientRect().top - FRAME_PX / 2,
    behavior: 'instant',
  });
  const { left, top, width, height } = drawn.getBoundingClientRect();
  const [across, down] = [width + 2 * AROUND_PX, height + 2 * AROUND_PX];
  const scale = Math.min(1, SIGHT.width / across, SIGHT.height / down);
  // In the middle where there is more room than it takes.
  return {
    x: left - AROUND_PX - Math.max(0, SIGHT.width / scale - across) / 2,
    y: top - AROUND_PX - Math.max(0, SIGHT.height / scale - down) / 2,
    scale,
  };
}

const FIRST: Seen = { x: 0, y: 0, scale: 1 };

function Drawn({ view, styles, element, widthPx, state }: DrawnProps) {
  const [document, setDocument] = useState<Document | null>(null);
  const [seen, setSeen] = useState(FIRST);
  useEffect(() => {
    if (!document) return undefined;
    const look = () => {
      const [first] = drawIn(document, element, state);
      if (first) setSeen(seenOf(first));
    };
    const drawing = requestAnimationFrame(look);
    // Type that comes later makes it larger or smaller.
    void document.fonts.ready.then(look);
    return () => cancelAnimationFrame(drawing);
  }, [document, element, state, view, widthPx]);
  const { x, y, scale } = seen;
  return (
    <span className="sight" inert style={SIGHT}>
      <span
        style={{
          display: 'block',
          transformOrigin: '0 0',
          transform: `translate(${-x * scale}px,${-y * scale}px)`,
        }}
      >
        <Frame
          view={view}
          styles={styles}
          widthPx={widthPx}
          heightPx={FRAME_PX * scale}
          scale={scale}
          name={`${element.name}: ${stateKinds[state].name}`}
          chosenBay={null}
          twins
          onPress={nothing}
          onDocument={setDocument}
        />
      </span>
    </span>
  );
}
