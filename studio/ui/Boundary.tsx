import type { CSSProperties, ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import styled from 'styled-components';
import { Button } from './Button.tsx';
import { t } from './theme.ts';

const Box = styled.div`
  min-height: 0;
  overflow: auto;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: center;
  justify-items: center;
  gap: 10px;
  padding: 16px;
  text-align: center;
  background: ${t.paper};
  h2 {
    font: 600 15px/1.3 ${t.names};
  }
  code {
    font: 12px/1.5 ${t.measures};
    color: ${t.ink2};
    overflow-wrap: anywhere;
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 4;
    overflow: hidden;
    user-select: text;
  }
  div {
    display: flex;
    flex-wrap: wrap;
    justify-content: center;
    gap: 8px;
    max-width: 100%;
  }
  button {
    white-space: normal;
  }
`;

export interface BoundaryProps {
  /** What could not be shown, as the beginning of a sentence. */
  what: string;
  /** It is tried again whenever one of these changes. */
  tryAgainOn: readonly unknown[];
  /** Takes the last change back, where there is one. */
  onUndo?: (() => void) | undefined;
  /** Where what is shown instead stands. */
  style?: CSSProperties | undefined;
  children: ReactNode;
}

/** Keeps a fault in what it holds from taking the rest of the studio along, and shows the ways on. */
export function Boundary({ what, tryAgainOn, onUndo, style, children }: BoundaryProps) {
  return (
    <ErrorBoundary
      resetKeys={[...tryAgainOn]}
      fallbackRender={({ error, resetErrorBoundary }) => (
        <Box role="alert" style={style}>
          <h2>{what} could not be shown.</h2>
          <p>Your work is kept. Everything else can still be used.</p>
          <code>{error instanceof Error ? error.message : String(error)}</code>
          <div>
            {onUndo && <Button onPress={onUndo}>Undo the last change</Button>}
            <Button onPress={() => resetErrorBoundary()}>Try again</Button>
            <Button onPress={() => location.reload()}>Load the page again</Button>
          </div>
        </Box>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}
