import { Link } from 'react-router';
import { OFS, ofWords, type Of } from '../../../core/assortment/of.ts';
import type { StoredAssortment } from '../../../core/assortment/assortment.ts';
import type { Command } from '../../../core/plan/commands.ts';
import { assortmentOf, shelvesShowing, topUpName } from '../../../core/plan/showing.ts';
import type { Target } from '../../../core/plan/target.ts';
import { capital, counted } from '../../../core/sentence/sentence.ts';
import { Count } from '../../arrange/spec/Count.tsx';
import { AssortmentControls } from '../../assortments/of/index.tsx';
import { newAssortmentId } from '../../assortments/newAssortmentId.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import type { OwnControlProps } from './ownControl.ts';
import { SettingBox } from '../SettingBox.tsx';
import { Stack } from '../Stack.tsx';

const OWN = '(own)';

/** What the shelf shows, and how many match: an assortment of its own, or a saved one. */
export function Shows({ shelf, view }: OwnControlProps) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const stored = useDraft((state) => state.draft);
  if (!shelf) return null;
  const on: Target = { shelf: shelf.id };
  const assortment = assortmentOf(plan, shelf);
  const saved = shelf.assortmentId === null ? undefined : plan.assortments[shelf.assortmentId];
  const target: Target = saved ? { assortment: saved.id } : on;
  const set = (setting: string, value: unknown): Command => ({ do: 'set', on, setting, value });
  const run = (...commands: Command[]) => draft.run({ do: 'together', commands });
  const showOwn = (own: StoredAssortment) => run(set('assortment', own), set('assortmentId', undefined));
  const save = () => {
    const id = newAssortmentId(shelf.name, plan);
    const own = stored.shelves[shelf.id]?.assortment ?? { of: 'products' as const };
    run(
      {
        do: 'putDocument',
        key: `assortment:${id}`,
        document: { id, name: shelf.name, assortment: own },
      },
      set('assortmentId', id),
    );
  };
  const others = saved ? shelvesShowing(plan, saved.id).length : 0;
  return (
    <Stack>
      <div>
        <Count shelfId={shelf.id} view={view} of={assortment.of} toppedUpFrom={topUpName(plan, assortment)} />
      </div>
      <SettingBox id="assortmentId">
        <Pick
          label="Assortment"
          value={shelf.assortmentId ?? OWN}
          options={[
            { value: OWN, words: 'This shelf only' },
            ...Object.values(plan.assortments).map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onChange={(id) => run(set('assortmentId', id === OWN ? undefined : id))}
        />
        <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8, marginTop: 8, alignItems: 'center' }}>
          {saved ? (
            <>
              <p style={{ flexBasis: '100%', color: t.ink2 }}>
                {others > 1
                  ? `Changes also apply to ${counted(others - 1, 'other shelf', 'other shelves')}.`
                  : 'Saved; only this shelf shows it.'}{' '}
                <Link to={`/assortments/${saved.id}`}>Open it</Link>
              </p>
              <Button onPress={() => showOwn(stored.assortments[saved.id]!.assortment)}>
                Use a copy here
              </Button>
            </>
          ) : (
            <Button onPress={save}>Save as assortment</Button>
          )}
        </div>
      </SettingBox>
      {!saved && (
        <SettingBox id="assortment.of">
          <Pick<Of>
            label="Kind"
            value={assortment.of}
            options={OFS.map((of) => ({ value: of, words: capital(ofWords[of].many) }))}
            onChange={(of) => showOwn({ of })}
          />
        </SettingBox>
      )}
      <AssortmentControls assortment={assortment} on={target} />
    </Stack>
  );
}
