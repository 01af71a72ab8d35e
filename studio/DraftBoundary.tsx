import type { CSSProperties, ReactNode } from 'react';
import { useLocation } from 'react-router';
import { useDraft, useStudio } from './studioContext.tsx';
import { Boundary } from './ui/Boundary.tsx';

/** A boundary around what is drawn from the draft: any change of it, such as undo, and going elsewhere are ways on. */
export function DraftBoundary({
  what,
  style,
  children,
}: {
  what: string;
  style?: CSSProperties;
  children: ReactNode;
}) {
  const { draft } = useStudio();
  const { pathname } = useLocation();
  const now = useDraft((state) => state.draft);
  const canUndo = useDraft(({ past }) => past.length > 0);
  return (
    <Boundary
      what={what}
      tryAgainOn={[now, pathname]}
      onUndo={canUndo ? () => draft.undo() : undefined}
      style={style}
    >
      {children}
    </Boundary>
  );
}
