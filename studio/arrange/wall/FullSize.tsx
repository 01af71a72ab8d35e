import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Dialog, FileTrigger, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { useStore } from 'zustand';
import { changedBays } from '../../../core/change/changedBays.ts';
import { asShoppersSee } from '../../../core/plan/places.ts';
import { readPlan } from '../../../core/plan/reading.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import type { PageView } from '../../../core/view/view.ts';
import { liveQuery } from '../../api/live.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button, TextButton } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { t } from '../../ui/theme.ts';
import { Frame, markCss } from './Frame.tsx';
import { dropReference, reference, takeReference } from './reference.ts';
import { ReferenceBeside, ReferenceOver, type Laid } from './ReferenceView.tsx';
import type { Stand } from './stands.ts';
import { showBay } from './together.ts';

const HEAD_PX = 70;
/** Of what is set of a picture to compare with. */
const WITH_PX = 52;
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
    grid-template-rows: auto auto minmax(0, 1fr);
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
  .ground > div {
    position: relative;
  }
  .with {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    padding: 6px ${SIDE_PX}px;
    background: ${t.paper};
    border-bottom: 1px solid ${t.line};
  }
  .fault {
    color: ${t.brick};
  }
  h3 {
    font: 500 13px/20px ${t.names};
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
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
    () => (live ? changedBays(asShoppersSee(live), asShoppersSee(stored), view.pageId) : new Set<string>()),
    [live, stored, view.pageId],
  );
  const { picture } = useStore(reference);
  const [withLive, setLive] = useState(false);
  const [how, setHow] = useState<'beside' | 'over'>('beside');
  const [laid, setLaid] = useState<Laid>({ opacity: 50, downPx: 0, differences: false });
  const [fault, setFault] = useState<string | null>(null);
  const [drawn, setDrawn] = useState<Document | null>(null);
  const opened = useCallback(
    (document: Document | null) => {
      setDrawn(document);
      if (document && bayId) showBay(document, bayId, 1);
    },
    [bayId],
  );
  const beside = withLive || (picture !== null && how === 'beside');
  const heightPx = Math.max(
    200,
    window.innerHeight - HEAD_PX - (beside ? 20 : 0) - (picture || fault ? WITH_PX : 0),
  );
  const scale = beside ? Math.min(1, (window.innerWidth - 2 * SIDE_PX - GAP_PX) / 2 / stand.width) : 1;
  const choose = (file: File | undefined) => {
    if (!file) return;
    setFault(null);
    takeReference(file).then(
      () => setLive(false),
      (error: Error) => setFault(error.message),
    );
  };
  return (
    <Veil isOpen isDismissable onOpenChange={(open) => !open && onClose()}>
      <Modal>
        <Dialog aria-label={`The page on ${stand.name} at full size`}>
          <header>
            <h2>
              {stand.name}, {stand.width} px wide
            </h2>
            {withLive && live && (
              <p role="status">
                {differing.size
                  ? `${counted(differing.size, 'bay differs', 'bays differ')}, outlined`
                  : 'No bay differs'}
              </p>
            )}
            <FileTrigger acceptedFileTypes={['image/*']} onSelect={(files) => choose(files?.[0])}>
              <Button>Compare with picture…</Button>
            </FileTrigger>
            <Switch
              on={withLive}
              onChange={(next) => {
                setLive(next);
                if (next) dropReference();
              }}
            >
              Compare with live
            </Switch>
            <Button onPress={onClose}>Close</Button>
          </header>
          {picture || fault ? (
            <div className="with" role="group" aria-label="Picture to compare with">
              {fault && (
                <p className="fault" role="alert">
                  {fault}
                </p>
              )}
              {picture && (
                <>
                  <Choice<'beside' | 'over'>
                    label="Where the picture is"
                    shown={false}
                    value={how}
                    options={[
                      { value: 'beside', words: 'Beside' },
                      { value: 'over', words: 'Over' },
                    ]}
                    onChange={setHow}
                  />
                  {how === 'over' && (
                    <>
                      <Stepper
                        label="Opacity, %"
                        shown
                        value={laid.opacity}
                        least={0}
                        most={100}
                        step={10}
                        onChange={(opacity) => setLaid({ ...laid, opacity })}
                      />
                      <Stepper
                        label="Moved down, px"
                        shown
                        wide
                        value={laid.downPx}
                        least={-20_000}
                        most={20_000}
                        step={1}
                        onChange={(downPx) => setLaid({ ...laid, downPx })}
                      />
                      <Switch
                        on={laid.differences}
                        onChange={(differences) => setLaid({ ...laid, differences })}
                      >
                        Show differences
                      </Switch>
                    </>
                  )}
                  <p>
                    {picture.name}, {picture.width} × {picture.height} px, drawn {stand.width} px wide. It
                    stays on this device.
                  </p>
                  <TextButton onPress={dropReference}>Remove picture</TextButton>
                </>
              )}
            </div>
          ) : (
            <span />
          )}
          <div className="ground">
            {picture && how === 'beside' && (
              <ReferenceBeside
                picture={picture}
                page={drawn}
                widthPx={stand.width}
                heightPx={heightPx}
                scale={scale}
              />
            )}
            {withLive && (
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
                differing={withLive ? differing : undefined}
                onPress={nothing}
                onDocument={opened}
              />
              {picture && how === 'over' && (
                <ReferenceOver picture={picture} page={drawn} scale={scale} laid={laid} />
              )}
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
