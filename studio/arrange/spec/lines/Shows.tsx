import type { Assortment } from '../../../../core/assortment/assortment.ts';
import { newAssortment, newCard } from '../../../../core/plan/atFirst.ts';
import { useDraft, useStudio } from '../../../studioContext.tsx';
import { Choice, Stepper, Switch } from '../../../ui/fields.tsx';
import { Count } from '../Count.tsx';
import { ShowsCategories } from './ShowsCategories.tsx';
import { ShowsProducts } from './ShowsProducts.tsx';
import { SettingBox, Stack, useSet, type LineProps } from './controls.tsx';

/** What the shelf shows, and how many match. */
export function Shows({ shelf, drawn }: LineProps) {
  const { draft } = useStudio();
  const bands = useDraft((state) => state.plan.house.bands);
  const set = useSet({ shelf: shelf!.id });
  if (!shelf) return null;
  const { assortment } = shelf;
  const on = { shelf: shelf.id };
  const total = drawn?.content.holds === 'shelf' ? drawn.content.shelf.total : null;
  const changeKind = (of: Assortment['of']) => {
    const shown = {
      ...newCard(of, bands),
      picture: shelf.card.picture,
      align: shelf.card.align,
      titleLines: shelf.card.titleLines,
    };
    draft.run({
      do: 'putDocument',
      key: `shelf:${shelf.id}`,
      document: { ...shelf, assortment: newAssortment(of), card: shown },
    });
  };
  return (
    <Stack>
      <div>
        <Count shelfId={shelf.id} total={total} of={assortment.of} />
      </div>
      <SettingBox id="assortment.of">
        <Choice
          label="Kind"
          value={assortment.of}
          options={[
            { value: 'products', words: 'Products' },
            { value: 'categories', words: 'Categories' },
          ]}
          onChange={changeKind}
        />
      </SettingBox>
      {assortment.of === 'products' ? (
        <ShowsProducts assortment={assortment} on={on} />
      ) : (
        <ShowsCategories assortment={assortment} on={on} />
      )}
      <SettingBox id="assortment.limit">
        <Switch
          on={assortment.limit !== null}
          onChange={(wanted) =>
            set('assortment.limit', wanted ? Math.max(1, Math.min(24, total ?? 24)) : null)
          }
        >
          A greatest number
        </Switch>
        {assortment.limit !== null && (
          <div style={{ marginTop: 6 }}>
            <Stepper
              label="At most"
              shown
              value={assortment.limit}
              least={1}
              most={100_000}
              wide
              onChange={(value) => set('assortment.limit', value)}
            />
          </div>
        )}
      </SettingBox>
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
