import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './Button.tsx';
import { t } from './theme.ts';

const Box = styled.div`
  height: 100%;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 12px;
  color: ${t.ink2};
  text-align: center;
  padding: 24px;
`;

/** A place that has nothing to show yet, or failed: what is the matter, and what can be done. */
export function Notice({
  children,
  action,
  onAction,
  focused = false,
}: {
  children: ReactNode;
  action?: string;
  onAction?: () => void;
  /** It takes the place of what was pressed, and so the keyboard. */
  focused?: boolean;
}) {
  return (
    <Box role="status">
      <p>{children}</p>
      {action && (
        <Button autoFocus={focused} onPress={onAction}>
          {action}
        </Button>
      )}
    </Box>
  );
}
