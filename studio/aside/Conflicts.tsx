import { sayConflict } from '../../core/merge/say.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { useDraft, useNames, useStudio } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';
import { Aside } from './Aside.tsx';

/** What somebody else changed too, with both values. Nothing waits for the answer but these settings. */
export function Conflicts() {
  const { draft } = useStudio();
  const conflicts = useDraft((state) => state.conflicts);
  const mine = useDraft((state) => state.draft);
  const stored = useDraft((state) => state.stored);
  const names = useNames();
  if (conflicts.length === 0) return null;
  return (
    <Aside
      title="Also changed by somebody else"
      about={`${counted(conflicts.length, 'setting')} to choose. You can keep working; publishing waits until you have chosen.`}
    >
      <ul aria-label="Changed by both">
        {conflicts.map((conflict) => {
          const said = sayConflict(conflict, mine, stored, names);
          return (
            <li key={conflict.id}>
              <b>{said.where}</b>: {said.what}
              <div className="choose">
                <Button onPress={() => draft.keepMine(conflict)}>Keep mine: {said.mine}</Button>
                <Button onPress={() => draft.takeTheirs(conflict)}>Take theirs: {said.theirs}</Button>
              </div>
            </li>
          );
        })}
      </ul>
    </Aside>
  );
}
