import { ArrowRight } from 'lucide-react';
import styled from 'styled-components';
import type { ImportSettings, ImportState } from '../../../core/exchange/importState.ts';
import { sayColumn } from '../../../core/exchange/sayColumn.ts';
import {
  fieldTypeOf,
  newFieldTarget,
  optionTarget,
  targetNamed,
  targetsOf,
} from '../../../core/exchange/ownTargets.ts';
import type { Target } from '../../../core/exchange/targets.ts';
import { fold } from '../../../core/catalogue/fold.ts';
import { LONGEST_OPTION } from '../../../core/goods/variants.ts';
import { FIELD_TYPES, type FieldType } from '../../../core/groupings/grouping.ts';
import { Pick } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    text-align: start;
    font-weight: 400;
    font-size: 12px;
    color: ${t.ink2};
    padding: 6px 8px;
  }
  td {
    border-top: 1px solid ${t.line};
    padding: 2px 8px;
    height: 32px;
  }
  td.gap {
    border: 0;
  }
  .name {
    font-weight: 600;
    overflow-wrap: anywhere;
  }
  .samples {
    color: ${t.ink2};
    max-width: 260px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .how {
    color: ${t.ink2};
  }
  button {
    width: 100%;
    min-width: 150px;
  }
`;

const NONE = 'none';

/** What the store does not have yet, and a column of this name could be. */
function freshTargets(name: string, values: readonly string[], targets: readonly Target[]): Target[] {
  if (name === '' || name.length > LONGEST_OPTION) return [];
  const option = optionTarget(name);
  const isThere = (id: string) => targets.some((one) => one.id === id);
  const type = fieldTypeOf(values);
  return [
    ...(isThere(option.id) ? [] : [option]),
    ...(targets.some((one) => one.of === 'field' && one.words.includes(fold(name)))
      ? []
      : [...new Set<FieldType>([type, 'text'])].map((one) => newFieldTarget(one, name, targets))),
  ];
}

interface ColumnTableProps {
  state: ImportState;
  currency: string;
  onChange(settings: ImportSettings): void;
}

/** The columns of a file, each with what it holds and how that is read. */
export function ColumnTable({
  state: { columns, settings, hows, found, own },
  currency,
  onChange,
}: ColumnTableProps) {
  const targets = targetsOf(own);
  const nameAt = (at: number) => columns[at]!.name || `Column ${at + 1}`;
  return (
    <Table aria-label="Columns of the file">
      <thead>
        <tr>
          <th>Column in the file</th>
          <th>First values</th>
          <td className="gap" />
          <th>Our field</th>
          <th>How it is read</th>
        </tr>
      </thead>
      <tbody>
        {columns.map(({ name, values }, at) => {
          const id = settings.matching[at] ?? null;
          const target = id === null ? undefined : targetNamed(targets, id);
          const fresh = freshTargets(name.trim(), values, targets);
          // One that the store does not have is there to be chosen as long as it is.
          const others =
            target && ![...targets, ...fresh].some((one) => one.id === target.id) ? [target] : [];
          return (
            <tr key={at}>
              <td className="name">{nameAt(at)}</td>
              <td className="samples">{values.join(', ')}</td>
              <td>
                <ArrowRight size={14} aria-hidden />
              </td>
              <td>
                <Pick
                  label={`What ${nameAt(at)} is`}
                  shown={false}
                  value={target ? target.id : NONE}
                  options={[
                    { value: NONE, words: 'Leave out' },
                    ...[...targets, ...others].map((one) => ({ value: one.id, words: one.name })),
                    ...fresh.map((one) => ({
                      value: one.id,
                      words: one.makes
                        ? `${one.name} (${FIELD_TYPES[one.makes.type].toLowerCase()})`
                        : `New option: ${one.fact}`,
                    })),
                  ]}
                  onChange={(chosen) =>
                    onChange({
                      ...settings,
                      matching: columns.map((_, other) => {
                        if (other === at) return chosen === NONE ? null : chosen;
                        const was = settings.matching[other] ?? null;
                        // What is held by this column now is not held by another.
                        return was === chosen ? null : was;
                      }),
                    })
                  }
                />
              </td>
              <td className="how">{sayColumn(target, hows[at]!, at, found, currency)}</td>
            </tr>
          );
        })}
      </tbody>
    </Table>
  );
}
