import { Dialog, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import type { PageView } from '../../../core/view/view.ts';
import { Button } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';
import { Frame } from './Frame.tsx';
import type { Stand } from './stands.ts';

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
    gap: 12px;
    padding: 8px 16px;
    background: ${t.ink};
    color: #fff;
  }
  header h2 {
    font: 600 15px/1.3 ${t.names};
    flex: 1;
  }
  .ground {
    overflow: auto hidden;
    padding: 14px 16px 0;
    display: flex;
    justify-content: safe center;
  }
`;

const nothing = () => undefined;

/** One frame alone, as large as it is. */
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
  return (
    <Veil isOpen isDismissable onOpenChange={(open) => !open && onClose()}>
      <Modal>
        <Dialog aria-label={`The page on ${stand.name} at full size`}>
          <header>
            <h2>
              {stand.name}, {stand.width} px wide
            </h2>
            <Button onPress={onClose}>Close</Button>
          </header>
          <div className="ground">
            <Frame
              view={view}
              styles={styles}
              widthPx={stand.width}
              heightPx={Math.max(200, window.innerHeight - 70)}
              scale={1}
              name={`The page on ${stand.name} at full size`}
              chosenBay={null}
              onPress={nothing}
              onDocument={nothing}
            />
          </div>
        </Dialog>
      </Modal>
    </Veil>
  );
}
