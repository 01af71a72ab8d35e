import { resolve } from '../../../../core/bands/varying.ts';
import { pager } from '../../../../core/paging/pages.ts';
import type { LastRow } from '../../../../core/plan/shelf.ts';
import { counted } from '../../../../core/sentence/sentence.ts';
import { useDraft } from '../../../studioContext.tsx';
import { Choice } from '../../../ui/fields.tsx';
import { Hint, LetGo, SettingBox, Stack, useSet, type LineProps } from './controls.tsx';

/** How the shelf stands, whether it has pages, and what becomes of a short last row. */
export function Form({ shelf, drawn }: LineProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const set = useSet({ shelf: shelf!.id });
  if (!shelf) return null;
  const view = drawn?.content.holds === 'shelf' ? drawn.content.shelf : null;
  const sizes = view ? [...new Map(view.steps.map((step) => [step.bandId, step])).values()] : [];
  return (
    <Stack>
      <SettingBox id="form">
        <p>A grid, filled row by row.</p>
      </SettingBox>
      <SettingBox id="pager">
        <Choice
          label="Pages"
          value={shelf.pager}
          options={[
            { value: 'none', words: 'None' },
            { value: 'numbered', words: 'Numbered' },
          ]}
          onChange={(value) => set('pager', value)}
        />
      </SettingBox>
      {shelf.pager === 'numbered' && view && (
        <Hint>
          {sizes
            .map((step) => {
              const { pages } = pager(step.size, view.total, 0);
              return `${bands.find((band) => band.id === step.bandId)!.name}: ${counted(pages, 'page')} of ${step.size}`;
            })
            .join('; ')}
          . Every width has pages of its own, from one address.
        </Hint>
      )}
      {shelf.pager === 'none' && (
        <div data-setting="lastRow">
          <p style={{ fontWeight: 500, marginBottom: 4 }}>A short last row</p>
          {bands.map((band, i) => {
            const { value, setAt } = resolve(shelf.lastRow, bands, band.id);
            const inherits = setAt !== band.id;
            return (
              <div key={band.id} style={{ display: 'flex', gap: 8, alignItems: 'center', padding: '3px 0' }}>
                <span style={{ flex: 1 }}>{band.name}</span>
                <Choice<LastRow>
                  label={`A short last row on ${band.name}`}
                  shown={false}
                  value={value}
                  options={[
                    { value: 'leave', words: 'Leave' },
                    { value: 'drop', words: 'Drop' },
                  ]}
                  onChange={(next) => set('lastRow', next, band.id)}
                />
                {i > 0 && !inherits ? (
                  <LetGo
                    band={band.name}
                    what="Last row"
                    onPress={() => set('lastRow', undefined, band.id)}
                  />
                ) : (
                  <span style={{ width: 27 }} />
                )}
              </div>
            );
          })}
        </div>
      )}
    </Stack>
  );
}
