import styled from 'styled-components';
import { bandEnd, nominalOf, type Bands } from '../../../../core/bands/bands.ts';
import { resolve, valueAt } from '../../../../core/bands/varying.ts';
import { formKind, formsOf, isUsed } from '../../../../core/forms/index.ts';
import { fullRowsFix, shortSteps, spareBelow } from '../../../../core/checks/rowsLeftShort.ts';
import { fullCounts } from '../../../../core/geometry/fullCounts.ts';
import { MOST_ACROSS } from '../../../../core/geometry/steps.ts';
import {
  LARGEST_CARD_PX,
  MOST_ITEMS,
  MOST_ROWS,
  SMALLEST_CARD_PX,
  WIDEST_GAP_PX,
  type Shelf,
} from '../../../../core/plan/shelf.ts';
import { counted, listed } from '../../../../core/sentence/sentence.ts';
import type { ShelfView, StepView } from '../../../../core/view/view.ts';
import { useDraft, useStudio } from '../../../studioContext.tsx';
import { Button } from '../../../ui/Button.tsx';
import { Choice } from '../../../ui/fields.tsx';
import { t } from '../../../ui/theme.ts';
import { useView } from '../../arrangeContext.tsx';
import { FormSections } from '../forms/FormSections.tsx';
import { acrossSections } from '../forms/ofAcross.ts';
import { BandStepper, Hint, SettingBox, Stack, useSet, VaryingStepper, type LineProps } from './controls.tsx';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    font-weight: 400;
    color: ${t.ink2};
    text-align: start;
    padding: 0 0 5px;
  }
  th:nth-child(n + 3),
  td:nth-child(n + 3) {
    text-align: end;
  }
  td {
    border-top: 1px solid ${t.line};
    padding: 6px 0;
    vertical-align: middle;
  }
  .range {
    font: 400 11px/1.3 ${t.measures};
    color: ${t.ink2};
    display: block;
  }
  .full {
    color: ${t.pine};
  }
  .short {
    color: ${t.brick};
  }
  .count {
    display: flex;
    align-items: center;
  }
`;

const Offer = styled.div`
  background: ${t.brickSoft};
  border-radius: ${t.corner};
  padding: 10px 12px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: center;
  justify-content: space-between;
  span {
    flex: 1 1 160px;
  }
  button {
    border-color: ${t.brick};
    color: ${t.brick};
  }
`;

function range(bands: Bands, id: string): string {
  const band = bands.find((one) => one.id === id)!;
  const end = bandEnd(bands, id);
  return end === Infinity ? `${band.from}+` : `${band.from}–${end - 1}`;
}

/** "full", "2 of 4", or for a page of a list what its last row holds. */
function lastRow(step: StepView): { words: string; full: boolean } {
  const { rows, last, full } = step.rows;
  if (rows === 0) return { words: 'none', full: false };
  return full ? { words: 'full', full } : { words: `${last} of ${step.across}`, full };
}

function offerWords(view: ShelfView, shelf: Shelf, bands: Bands): string {
  const short = shortSteps(view);
  const names = listed([
    ...new Set(short.map((step) => bands.find((band) => band.id === step.bandId)!.name)),
  ]);
  if (shelf.amount.by === 'rows' && view.steps.some((step) => formKind(step.form).inRows))
    return `There are ${view.total}, which leaves the last row short on ${names}.`;
  const acrosses = view.steps.filter((step) => formKind(step.form).inRows).map((step) => step.across);
  const asked = Math.max(...view.steps.map((step) => step.size));
  if (acrosses.length === 0) return `${asked} leaves a gap on ${names}.`;
  const { offers } = fullCounts(acrosses, asked);
  const offer = offers.find((count) => count <= view.total);
  const gap = `${asked} leaves a gap on ${names}.`;
  return offer
    ? `${gap} ${offer} fills every row at ${listed([...new Set(acrosses)].sort((a, b) => a - b).map(String))} across.`
    : `${gap} Rows counted at each width are always full.`;
}

/** How many side by side at each width, the gaps, and how many in all. */
export function Across({ shelf, drawn }: LineProps) {
  const { draft } = useStudio();
  const bands = useDraft((state) => state.plan.house.bands);
  const page = useView();
  const plan = useDraft((state) => state.plan);
  const set = useSet({ shelf: shelf!.id });
  if (!shelf) return null;
  const on = { shelf: shelf.id };
  const view = drawn?.content.holds === 'shelf' && !drawn.empty ? drawn.content.shelf : null;
  const short = view ? shortSteps(view) : [];
  const fix =
    view && drawn && short.length ? fullRowsFix(view, shelf, spareBelow(page, drawn.id, plan)) : null;
  const forms = formsOf(shelf.form, bands);
  const formAt = (bandId: string) => formKind(valueAt(shelf.form, bands, bandId));
  const inColumns = bands.filter((band) => isUsed('across', [formAt(band.id).id]));
  const byRows = bands.filter((band) => formAt(band.id).inRows);
  const rowsOnly = byRows.length === bands.length;
  return (
    <Stack>
      {inColumns.length > 0 && (
        <div data-setting="across.count">
          <Table aria-label="How many side by side">
            <thead>
              <tr>
                <th scope="col">Width</th>
                <th scope="col">Across</th>
                <th scope="col">Rows</th>
                <th scope="col">Last row</th>
              </tr>
            </thead>
            <tbody>
              {inColumns.map((band) => {
                const { value, setAt } = resolve(shelf.across.count, bands, band.id);
                const inherits = setAt !== band.id;
                const { width } = nominalOf(bands, band);
                const steps = view?.steps.filter((step) => step.bandId === band.id) ?? [];
                const at = steps.find((step) => step.from <= width && width < step.to) ?? steps[0];
                const last = at && lastRow(at);
                const counts = [...new Set(steps.map((step) => step.across))];
                return (
                  <tr key={band.id}>
                    <td>
                      {band.name}
                      <span className="range">{range(bands, band.id)}</span>
                    </td>
                    <td>
                      {shelf.across.by === 'count' ? (
                        <span className="count">
                          <BandStepper
                            on={on}
                            id="across.count"
                            title="Across"
                            bandId={band.id}
                            bandName={band.name}
                            value={value}
                            inherits={inherits}
                            first={band === bands[0]}
                            least={1}
                            most={MOST_ACROSS}
                          />
                        </span>
                      ) : (
                        <span>
                          {counts.length > 1 ? `${counts[0]} to ${counts.at(-1)}` : (counts[0] ?? '–')}
                        </span>
                      )}
                    </td>
                    <td>{at ? at.rows.rows : '–'}</td>
                    <td className={last ? (last.full ? 'full' : 'short') : undefined}>
                      {last ? last.words : '–'}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </Table>
        </div>
      )}
      <FormSections sections={acrossSections} shelf={shelf} view={view} />
      {view && short.length > 0 && (
        <Offer role="status">
          <span>{offerWords(view, shelf, bands)}</span>
          {fix && <Button onPress={() => draft.run(fix.command)}>{fix.words}</Button>}
        </Offer>
      )}
      {inColumns.length > 0 && (
        <SettingBox id="across.by">
          <Choice
            label="Across is"
            value={shelf.across.by}
            options={[
              { value: 'count', words: 'A number' },
              { value: 'width', words: 'As many as fit' },
            ]}
            onChange={(value) => set('across.by', value)}
          />
        </SettingBox>
      )}
      {inColumns.length > 0 && shelf.across.by === 'width' && (
        <VaryingStepper
          id="across.smallest"
          title="Smallest card, px"
          on={on}
          value={shelf.across.smallest}
          least={SMALLEST_CARD_PX}
          most={LARGEST_CARD_PX}
          step={10}
          at={inColumns.map((band) => band.id)}
        />
      )}
      {byRows.length > 0 && (
        <SettingBox id="amount.by">
          <Choice
            label={shelf.paging.by === 'none' ? 'How many in all' : 'How many to a page'}
            value={shelf.amount.by}
            options={[
              { value: 'rows', words: 'Rows' },
              { value: 'items', words: 'Items' },
            ]}
            onChange={(value) => set('amount.by', value)}
          />
        </SettingBox>
      )}
      {shelf.amount.by === 'rows' && byRows.length > 0 && (
        <VaryingStepper
          id="amount.rows"
          title="Rows"
          on={on}
          value={shelf.amount.rows}
          least={1}
          most={MOST_ROWS}
          at={byRows.map((band) => band.id)}
        />
      )}
      {(shelf.amount.by === 'items' || !rowsOnly) && (
        <>
          <VaryingStepper
            id="amount.items"
            title="Items"
            on={on}
            value={shelf.amount.items}
            least={1}
            most={MOST_ITEMS}
            at={
              shelf.amount.by === 'items'
                ? undefined
                : bands.filter((band) => !byRows.includes(band)).map((band) => band.id)
            }
          />
          {view && <Hint>There are {counted(view.total, 'match', 'matches')}.</Hint>}
        </>
      )}
      {isUsed('gap.column', forms) && (
        <VaryingStepper
          id="gap.column"
          title="Gap between columns, px"
          on={on}
          value={shelf.gap.column}
          least={0}
          most={WIDEST_GAP_PX}
          step={4}
        />
      )}
      {isUsed('gap.row', forms) && (
        <VaryingStepper
          id="gap.row"
          title="Gap between rows, px"
          on={on}
          value={shelf.gap.row}
          least={0}
          most={WIDEST_GAP_PX}
          step={4}
        />
      )}
    </Stack>
  );
}
