import type { ReactNode } from 'react';
import { Dialog as AriaDialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgb(22 35 43 / 0.45);
  display: grid;
  place-items: center;
  z-index: 100;
`;

const Sheet = styled(Modal)`
  background: ${t.paper};
  border-radius: 10px;
  width: min(640px, calc(100vw - 48px));
  &[data-wide] {
    width: min(920px, calc(100vw - 48px));
  }
  max-height: calc(100vh - 80px);
  display: flex;
  .react-aria-Dialog {
    outline: none;
    padding: 22px 24px;
    display: flex;
    flex-direction: column;
    gap: 14px;
    flex: 1;
    min-height: 0;
  }
  h2 {
    font: 600 19px/1.2 ${t.names};
  }
`;

export const DialogFoot = styled.div`
  display: flex;
  justify-content: flex-end;
  gap: 8px;
  margin-top: 4px;
`;

export interface DialogProps {
  title: string;
  open: boolean;
  /** Absent where a choice has to be made. */
  onClose?: () => void;
  /** With room for drawings. */
  wide?: boolean;
  children: ReactNode;
}

/** A sheet over everything, closed with Escape where that is possible. */
export function Dialog({ title, open, onClose, wide = false, children }: DialogProps) {
  return (
    <Veil
      isOpen={open}
      isDismissable={Boolean(onClose)}
      isKeyboardDismissDisabled={!onClose}
      onOpenChange={(next) => !next && onClose?.()}
    >
      <Sheet data-wide={wide || undefined}>
        <AriaDialog>
          <Heading slot="title">{title}</Heading>
          {children}
        </AriaDialog>
      </Sheet>
    </Veil>
  );
}
