import { Link } from 'react-router';
import { OFS, ofWords, type Of } from '../../../../core/assortment/assortment.ts';
import { newAssortment, newCard } from '../../../../core/plan/atFirst.ts';
import type { Target } from '../../../../core/plan/commands.ts';
import { assortmentOf, shelvesShowing } from '../../../../core/plan/plan.ts';
import { capital, counted } from '../../../../core/sentence/sentence.ts';
import { AssortmentControls } from '../../../assortments/of/index.tsx';
import { newAssortmentId } from '../../../assortments/newAssortmentId.ts';
import { useDraft, useStudio } from '../../../studioContext.tsx';
import { Button } from '../../../ui/Button.tsx';
import { Switch } from '../../../ui/fields.tsx';
import { Pick } from '../../../ui/Pick.tsx';
import { t } from '../../../ui/theme.ts';
import { Count } from '../Count.tsx';
import { SettingBox, Stack, useSet, type LineProps } from './controls.tsx';

const OWN = '(own)';

/** What the shelf shows, and how many match: an assortment of its own, or a saved one. */
export function Shows({ shelf, drawn }: LineProps) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const set = useSet({ shelf: shelf!.id });
  if (!shelf) return null;
  const assortment = assortmentOf(plan, shelf);
  const saved = shelf.assortmentId === null ? undefined : plan.assortments[shelf.assortmentId];
  const target: Target = saved ? { assortment: saved.id } : { shelf: shelf.id };
  const total = drawn?.content.holds === 'shelf' ? drawn.content.shelf.own : null;
  const { bands } = plan.house;
  const withCardFor = (of: Of) => ({
    ...newCard(of, bands),
    picture: shelf.card.picture,
    align: shelf.card.align,
    titleLines: shelf.card.titleLines,
  });
  /** Another kind of item needs a card of its own kind. */
  const show = (assortmentId: string | null, own = shelf.assortment) => {
    const { of } = assortmentId === null ? own : plan.assortments[assortmentId]!.assortment;
    draft.run({
      do: 'putDocument',
      key: `shelf:${shelf.id}`,
      document: {
        ...shelf,
        assortmentId,
        assortment: own,
        card: of === assortment.of ? shelf.card : withCardFor(of),
      },
    });
  };
  const save = () => {
    const id = newAssortmentId(shelf.name, plan);
    draft.run({
      do: 'together',
      commands: [
        { do: 'putDocument', key: `assortment:${id}`, document: { id, name: shelf.name, assortment } },
        { do: 'set', on: { shelf: shelf.id }, setting: 'assortmentId', value: id },
      ],
    });
  };
  const others = saved ? shelvesShowing(plan, saved.id).length : 0;
  return (
    <Stack>
      <div>
        <Count shelfId={shelf.id} total={total} of={assortment.of} />
      </div>
      <SettingBox id="assortmentId">
        <Pick
          label="Assortment"
          value={shelf.assortmentId ?? OWN}
          options={[
            { value: OWN, words: 'Its own' },
            ...Object.values(plan.assortments).map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onChange={(id) => show(id === OWN ? null : id)}
        />
        <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8, marginTop: 8, alignItems: 'center' }}>
          {saved ? (
            <>
              <p style={{ flexBasis: '100%', color: t.ink2 }}>
                {others > 1
                  ? `A change here shows in ${counted(others, 'shelf', 'shelves')}.`
                  : 'Saved; only this shelf shows it.'}{' '}
                <Link to={`/assortments/${saved.id}`}>Open it</Link>
              </p>
              <Button onPress={() => show(null, structuredClone(saved.assortment))}>
                Take as its own copy
              </Button>
            </>
          ) : (
            <Button onPress={save}>Save under a name</Button>
          )}
        </div>
      </SettingBox>
      {!saved && (
        <SettingBox id="assortment.of">
          <Pick<Of>
            label="Kind"
            value={assortment.of}
            options={OFS.map((of) => ({ value: of, words: capital(ofWords[of].many) }))}
            onChange={(of) => show(null, newAssortment(of))}
          />
        </SettingBox>
      )}
      <AssortmentControls assortment={assortment} on={target} />
      {assortment.of === 'products' && (
        <SettingBox id="notTwice">
          <Switch on={shelf.notTwice} onChange={(value) => set('notTwice', value)}>
            Leave out what stands above it
          </Switch>
        </SettingBox>
      )}
    </Stack>
  );
}
