import { useDraft, useStudio } from '../studioContext.tsx';
import { MainButton } from '../ui/Button.tsx';
import { Aside } from './Aside.tsx';

/** The server is newer than this window. */
export function Updated() {
  const { keepNow } = useStudio();
  const updated = useDraft(({ saving }) => saving.state === 'updated');
  if (!updated) return null;
  return (
    <Aside
      title="Wide Shelf was updated"
      about="Load this page again to keep saving. Your changes are kept in this browser until then."
    >
      <div className="choose">
        <MainButton onPress={() => void keepNow().then(() => location.reload())}>Load again</MainButton>
      </div>
    </Aside>
  );
}
