import { useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import type { Bay } from '../../../core/bays/index.ts';
import { pageStyles } from '../../../core/css/pageCss.ts';
import type { Page } from '../../../core/plan/page.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import { bayHeight } from '../../../core/view/bayHeight.ts';
import { shelvesIn } from '../../../core/view/shelvesIn.ts';
import { t } from '../../ui/theme.ts';
import { drawnAt } from '../elevation/drawnAt.ts';
import { usePageViews } from '../usePageViews.ts';
import { Frame } from '../wall/Frame.tsx';

/** Room of a drawing, px. */
const WIDTH = 190;
const HEIGHT = 84;

const Box = styled.div`
  background: ${t.wall};
  border-radius: 5px;
  height: ${HEIGHT + 8}px;
  padding: 4px;
  display: grid;
  place-items: center;
  overflow: hidden;
  pointer-events: none;
  p {
    color: ${t.ink2};
    font-size: 12px;
    text-align: center;
  }
`;

const noTabs: Readonly<Record<string, string>> = {};
const nothing = () => undefined;

/** Whether an element has come into sight; it stays true. */
function useCameInSight(): [(element: HTMLElement | null) => void, boolean] {
  const [element, setElement] = useState<HTMLElement | null>(null);
  const [came, setCame] = useState(false);
  useEffect(() => {
    if (!element || came) return undefined;
    const sight = new IntersectionObserver((entries) => {
      if (entries.some(({ isIntersecting }) => isIntersecting)) setCame(true);
    });
    sight.observe(element);
    return () => sight.disconnect();
  }, [element, came]);
  return [setElement, came];
}

export interface SmallBayProps {
  bay: Bay;
  /** The page that it would stand on. */
  page: Page;
  /** With what the bay shows. */
  plan: Plan;
  name: string;
}

/** A bay as shoppers would see it, small, with what the store has. It is drawn once it comes into sight. */
export function SmallBay(props: SmallBayProps) {
  const [watch, came] = useCameInSight();
  return (
    <Box ref={watch} aria-hidden="true" inert>
      {came && <Drawn {...props} />}
    </Box>
  );
}

function Drawn({ bay, page, plan, name }: SmallBayProps) {
  const alone = useMemo(() => ({ ...page, bays: [bay] }), [page, bay]);
  const made = usePageViews(alone, alone, noTabs, plan).asItIs;
  // The same while the bay is: nothing else of the page is drawn.
  const [from, setFrom] = useState(made);
  if (from !== made && (from.bays[0] !== made.bays[0] || from.style !== made.style)) setFrom(made);
  const view = useMemo(
    () => ({ ...from, firstHeading: null, trail: [], none: null, head: null, foot: null }),
    [from],
  );
  const styles = useMemo(() => pageStyles(view), [view]);
  const [drawn] = view.bays;
  if (!drawn) return null;
  if (shelvesIn(drawn).some(({ coming }) => coming)) return <p>Coming…</p>;
  if (drawn.empty) return <p>Nothing to show yet</p>;
  const widthPx = drawnAt(view.bands);
  const scale = WIDTH / widthPx;
  const drawnPx = bayHeight(drawn, view.bands, widthPx) * scale;
  const heightPx = Math.min(HEIGHT, Math.max(8, drawnPx));
  return (
    <Frame
      view={view}
      styles={styles}
      widthPx={widthPx}
      heightPx={heightPx}
      scale={scale}
      name={name}
      chosenBay={null}
      onPress={nothing}
      onDocument={nothing}
    />
  );
}
