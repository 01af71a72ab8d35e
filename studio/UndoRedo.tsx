import { Redo2, Undo2 } from 'lucide-react';
import { useDraft, useStudio } from './studioContext.tsx';
import { BarButton } from './ui/Button.tsx';

/** One step back, and forth again. */
export function UndoRedo() {
  const { draft } = useStudio();
  const isFirst = useDraft(({ past }) => past.length === 0);
  const isLast = useDraft(({ future }) => future.length === 0);
  return (
    <>
      <BarButton aria-label="Undo" onPress={() => draft.undo()} isDisabled={isFirst}>
        <Undo2 size={16} aria-hidden /> <span className="word">Undo</span>
      </BarButton>
      <BarButton aria-label="Redo" onPress={() => draft.redo()} isDisabled={isLast}>
        <Redo2 size={16} aria-hidden /> <span className="word">Redo</span>
      </BarButton>
    </>
  );
}
