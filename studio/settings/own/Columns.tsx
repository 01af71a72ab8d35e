import styled from 'styled-components';
import { bandEnd, nominalOf, type Bands } from '../../../core/bands/bands.ts';
import { valueAt, type Varying } from '../../../core/bands/varying.ts';
import { fullRowsFix, shortSteps, spareBelow } from '../../../core/checks/rowsLeftShort.ts';
import type { StepView } from '../../../core/view/view.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';
import { BandValue } from '../BandValue.tsx';
import { gapWords } from './gapWords.ts';
import type { OwnControlProps } from './ownControl.ts';
import { useStoredValue } from '../useStoredValue.ts';

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

/** How many columns at each width, with the rows and the last row that come of it, and what would fill every row. */
export function Columns({ on, setting, value, at, shelf, view, page, bayId }: OwnControlProps) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const own = useStoredValue(on, setting.id) as Varying<number> | undefined;
  const { bands } = plan.house;
  const short = view ? shortSteps(view) : [];
  if (!shelf) return null;
  const spare = spareBelow(page, bayId, plan);
  const fix = view && short.length ? fullRowsFix(view, shelf, plan, spare) : null;
  return (
    <>
      <div data-setting={setting.id}>
        <Table aria-label="Columns at each width">
          <thead>
            <tr>
              <th scope="col">Width</th>
              <th scope="col">Columns</th>
              <th scope="col">Rows</th>
              <th scope="col">Last row</th>
            </tr>
          </thead>
          <tbody>
            {bands
              .filter(({ id }) => at.includes(id))
              .map((band) => {
                const { width } = nominalOf(bands, band);
                const steps = view?.steps.filter((step) => step.bandId === band.id) ?? [];
                const step = steps.find((one) => one.from <= width && width < one.to) ?? steps[0];
                const last = step && lastRow(step);
                const isOwn = own !== undefined && Object.hasOwn(own, band.id);
                return (
                  <tr key={band.id}>
                    <td>
                      {band.name}
                      <span className="range">{range(bands, band.id)}</span>
                    </td>
                    <td>
                      <span className="count">
                        <BandValue
                          on={on}
                          setting={setting}
                          band={band}
                          label="Columns"
                          value={valueAt(value as Varying<number>, bands, band.id)}
                          own={isOwn}
                        />
                      </span>
                    </td>
                    <td>{step ? step.rows.rows : '–'}</td>
                    <td className={last ? (last.full ? 'full' : 'short') : undefined}>
                      {last ? last.words : '–'}
                    </td>
                  </tr>
                );
              })}
          </tbody>
        </Table>
      </div>
      {view && short.length > 0 && (
        <Offer role="status">
          <span>{gapWords(view, shelf, plan, spare)}</span>
          {fix && <Button onPress={() => draft.run(fix.command)}>{fix.words}</Button>}
        </Offer>
      )}
    </>
  );
}
