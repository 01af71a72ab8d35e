import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Dialog, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { changedBays } from '../../../core/change/changedBays.ts';
import { withoutTrials } from '../../../core/plan/places.ts';
import { readPlan } from '../../../core/plan/reading.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import type { PageView } from '../../../core/view/view.ts';
import { liveQuery } from '../../api/live.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { t } from '../../ui/theme.ts';
import { Frame, markCss } from './Frame.tsx';
import type { Stand } from './stands.ts';
import { showBay } from './together.ts';

const HEAD_PX = 70;
const SIDE_PX = 16;
const GAP_PX = 16;

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 90;
  background: ${t.wall};
  .react-aria-Dialog {
    position: fixed;
    inset: 0;
    outline: none;
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
  }
  header {
    display: flex;
    align-items: center;
    gap: 16px;
    padding: 8px ${SIDE_PX}px;
    background: ${t.paper};
    border-bottom: 1px solid ${t.line};
  }
  header h2 {
    font: 600 15px/1.3 ${t.names};
    flex: 1;
  }
  .ground {
    overflow: auto hidden;
    padding: 14px ${SIDE_PX}px 0;
    display: flex;
    gap: ${GAP_PX}px;
    justify-content: safe center;
  }
  h3 {
    font: 500 13px/20px ${t.names};
  }
`;

const nothing = () => undefined;

const none: ReadonlySet<string> = new Set();

/** One frame alone, as large as it is; or beside the same page as it is live. */
export function FullSize({
  stand,
  view,
  styles,
  bayId,
  onClose,
}: {
  stand: Stand;
  view: PageView;
  styles: ReadonlyMap<string, string>;
  /** The chosen bay, at which it opens; null for the top. */
  bayId: string | null;
  onClose(): void;
}) {
  const { client } = useStudio();
  const stored = useDraft((state) => state.draft);
  const { data } = useQuery(liveQuery(client));
  const live = useMemo(() => (data?.live ? readPlan(data.live.plan).plan : null), [data]);
  const differing = useMemo(
    () => (live ? changedBays(withoutTrials(live), withoutTrials(stored), view.pageId) : new Set<string>()),
    [live, stored, view.pageId],
  );
  const [beside, setBeside] = useState(false);
  const opened = useCallback(
    (document: Document | null) => {
      if (document && bayId) showBay(document, bayId, 1);
    },
    [bayId],
  );
  const heightPx = Math.max(200, window.innerHeight - HEAD_PX - (beside ? 20 : 0));
  const scale = beside ? Math.min(1, (window.innerWidth - 2 * SIDE_PX - GAP_PX) / 2 / stand.width) : 1;
  return (
    <Veil isOpen isDismissable onOpenChange={(open) => !open && onClose()}>
      <Modal>
        <Dialog aria-label={`The page on ${stand.name} at full size`}>
          <header>
            <h2>
              {stand.name}, {stand.width} px wide
            </h2>
            {beside && live && (
              <p role="status">
                {differing.size
                  ? `${counted(differing.size, 'bay differs', 'bays differ')}, outlined`
                  : 'No bay differs'}
              </p>
            )}
            <Switch on={beside} onChange={setBeside}>
              Compare with live
            </Switch>
            <Button onPress={onClose}>Close</Button>
          </header>
          <div className="ground">
            {beside && (
              <Live
                path={view.path}
                widthPx={stand.width}
                heightPx={heightPx}
                scale={scale}
                bayId={bayId}
                differing={differing}
              />
            )}
            <div>
              {beside && <h3>Draft</h3>}
              <Frame
                view={view}
                styles={styles}
                widthPx={stand.width}
                heightPx={heightPx}
                scale={scale}
                name={`The page on ${stand.name} at full size`}
                chosenBay={null}
                differing={beside ? differing : undefined}
                onPress={nothing}
                onDocument={opened}
              />
            </div>
          </div>
        </Dialog>
      </Modal>
    </Veil>
  );
}

/** Marks a public page, not by an element, which its policy does not allow. Returns what takes the marks away again. */
function marked(page: Document, css: string): () => void {
  const sheet = new page.defaultView!.CSSStyleSheet();
  sheet.replaceSync(css);
  const before = page.adoptedStyleSheets;
  page.adoptedStyleSheets = [...before, sheet];
  return () => {
    page.adoptedStyleSheets = before;
  };
}

/** The public page as shoppers have it now. */
function Live({
  path,
  widthPx,
  heightPx,
  scale,
  bayId,
  differing = none,
}: {
  path: string;
  widthPx: number;
  heightPx: number;
  scale: number;
  bayId: string | null;
  differing?: ReadonlySet<string>;
}) {
  const [page, setPage] = useState<Document | null>(null);
  useEffect(
    () => (page ? marked(page, markCss(differing, scale, t.tapeEdge)) : undefined),
    [page, differing, scale],
  );
  return (
    <div>
      <h3>Live</h3>
      <div style={{ width: widthPx * scale, height: heightPx, overflow: 'hidden' }}>
        <iframe
          src={path}
          // Frames have no bar to scroll by either, so that both are as wide.
          onLoad={({ currentTarget: { contentDocument } }) => {
            const style = contentDocument?.documentElement.style;
            if (style) Object.assign(style, { scrollbarWidth: 'none', scrollbarGutter: 'auto' });
            if (contentDocument && bayId) showBay(contentDocument, bayId, 1);
            setPage(contentDocument);
          }}
          title={`The page as it is live, ${widthPx} wide`}
          style={{
            width: widthPx,
            height: heightPx / scale,
            border: 0,
            background: '#fff',
            transform: `scale(${scale})`,
            transformOrigin: '0 0',
          }}
        />
      </div>
    </div>
  );
}
