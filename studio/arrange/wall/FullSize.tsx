import { useState } from 'react';
import { Dialog, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import type { PageView } from '../../../core/view/view.ts';
import { Button } from '../../ui/Button.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { t } from '../../ui/theme.ts';
import { Frame } from './Frame.tsx';
import type { Stand } from './stands.ts';

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

/** One frame alone, as large as it is; or beside the same page as it is live. */
export function FullSize({
  stand,
  view,
  styles,
  onClose,
}: {
  stand: Stand;
  view: PageView;
  styles: ReadonlyMap<string, string>;
  onClose(): void;
}) {
  const [beside, setBeside] = useState(false);
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
            <Switch on={beside} onChange={setBeside}>
              Beside what is live
            </Switch>
            <Button onPress={onClose}>Close</Button>
          </header>
          <div className="ground">
            {beside && <Live path={view.path} widthPx={stand.width} heightPx={heightPx} scale={scale} />}
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
                onPress={nothing}
                onDocument={nothing}
              />
            </div>
          </div>
        </Dialog>
      </Modal>
    </Veil>
  );
}

/** The public page as shoppers have it now. */
function Live({
  path,
  widthPx,
  heightPx,
  scale,
}: {
  path: string;
  widthPx: number;
  heightPx: number;
  scale: number;
}) {
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
