import { AlignCenter, AlignLeft, AlignRight, X } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { partKind, partsOf, type AnyPart } from '../../../core/card/parts/index.ts';
import { saidParts } from '../../../core/plan/saidParts.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { partName } from '../../../core/spec/card.ts';
import type { ColumnAlign, TableColumn } from '../../../core/table/tableColumn.ts';
import {
  COLUMN_PX,
  columnOf,
  columnOfSetting,
  columnSetting,
  LONGEST_HEADING,
  MOST_COLUMNS,
  MOST_SHARE,
  TITLE_COLUMN,
} from '../../../core/table/tableColumn.ts';
import { ordinal, sayTable } from '../../../core/table/sayTable.ts';
import { sortsOf } from '../../../core/view/tableView.ts';
import { useDraft, useNames, useStudio } from '../../studioContext.tsx';
import { QuietButton } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { OrderedList } from '../../ui/OrderedList.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Search } from '../../ui/Search.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { t } from '../../ui/theme.ts';
import { Hint, Stack } from '../Stack.tsx';
import { changed } from './changed.ts';
import { fieldsOffered } from './fieldsOffered.ts';
import type { OwnControlProps } from './ownControl.ts';
import { ReadyTables } from './ReadyTables.tsx';
import { RowWords } from './RowWords.tsx';
import { SettingsBox } from './SettingsBox.tsx';
import { usePartSamples } from './usePartSamples.ts';

/** What of a column stands in its row: share, smallest width, alignment, when it leaves, and whether it sorts. */
const Measures = styled.span`
  display: grid;
  grid-template-columns: 34px 40px 30px 40px 36px;
  align-items: center;
  justify-items: center;
  color: ${t.ink2};
  font-size: 12.5px;
  b {
    font-weight: 600;
    color: ${t.ink};
  }
`;

const Heads = styled(Measures)`
  display: flex;
  justify-content: end;
  font-size: 12px;
  > span {
    display: grid;
    grid-template-columns: 34px 40px 30px 40px 36px;
    justify-items: center;
  }
`;

const Summary = styled.dl`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 14px;
  margin: 0;
  padding: 9px 12px;
  border-radius: ${t.corner};
  background: ${t.pineSoft};
  font-size: 12.5px;
  dt {
    color: ${t.ink2};
  }
  dd {
    margin: 0;
  }
`;

const ALIGNED = { start: AlignLeft, center: AlignCenter, end: AlignRight };
const ALIGN_WORDS: readonly { value: ColumnAlign; words: string }[] = [
  { value: 'start', words: 'Start' },
  { value: 'center', words: 'Middle' },
  { value: 'end', words: 'End' },
];

const STAYS = 'stays';

/** The columns of a table: their order, widths, and which leave first where there is no room for all. */
export function TableColumns({
  on,
  setting,
  value,
  shelf,
  view,
  wanted,
}: Omit<OwnControlProps, 'value'> & { value: readonly TableColumn[] }) {
  const plan = useDraft((state) => state.plan);
  const names = useNames();
  const { draft, vocabulary } = useStudio();
  const samples = usePartSamples(plan, shelf);
  const [{ open, ...before }, setState] = useState({ open: columnOfSetting(wanted), wanted });
  const setOpen = (id: string | null) => setState({ open: id, wanted });
  // A column that is gone to is opened.
  if (before.wanted !== wanted) setOpen(columnOfSetting(wanted) ?? open);
  if (!shelf) return null;
  const { card } = shelf;
  const { of } = assortmentOf(plan, shelf);
  const kinds = partsOf(of);
  const fits = (id: string) => kinds.some((kind) => kind.id === id);
  const columns = value.filter(({ id }) => fits(id));
  const nameOf = (id: string) => partName(card, partKind(id)!, names);
  const canSort = (id: string) => sortsOf(card, { ...columnOf(id), sort: true }).length > 0;
  const write = (next: readonly TableColumn[], step?: string) =>
    draft.run({ do: 'set', on, setting: setting.id, value: next }, step);
  const there = new Set(columns.map(({ id }) => id));
  const opened = columns.find(({ id }) => id === open);
  const change = <K extends keyof TableColumn>(key: K, next: TableColumn[K] | undefined) =>
    write(
      value.map((one) => (one.id === open ? changed(one, key, next) : one)),
      `${setting.id} ${open} ${key}`,
    );
  const move = (id: string, next: string | undefined) => {
    const moved = value.find((one) => one.id === id)!;
    const rest = value.filter((one) => one !== moved);
    rest.splice(next === undefined ? rest.length : rest.findIndex((one) => one.id === next), 0, moved);
    write(rest);
  };
  /** Before what is bought by, which ends a row. */
  const withColumn = (id: string): TableColumn[] => {
    const pressed = value.findIndex((one) => partKind(one.id)?.takesPresses);
    const at = pressed < 0 || partKind(id)?.takesPresses ? value.length : pressed;
    const leaves = Math.min(MOST_COLUMNS, 1 + Math.max(0, ...value.map((one) => one.leaves ?? 0)));
    return [...value.slice(0, at), { ...columnOf(id), leaves }, ...value.slice(at)];
  };
  const fields = fieldsOffered(vocabulary.fields, card, samples, there, new Set(saidParts(shelf)));
  const add = (id: string) => {
    const chosen = fields.chosen(id);
    const part = chosen?.part ?? id;
    draft.run({
      do: 'together',
      commands: [
        ...(chosen
          ? [{ do: 'set' as const, on, setting: `card.parts.${part}.field`, value: chosen.field.id }]
          : []),
        { do: 'set', on, setting: setting.id, value: withColumn(part) },
      ],
    });
    setOpen(part);
  };
  const offered = (words: string) => {
    const typed = words.trim().toLowerCase();
    const isMeant = ({ name, find }: AnyPart) =>
      [name.toLowerCase(), ...find].some((one) => one.includes(typed));
    return [
      ...kinds
        .filter((kind) => !kind.ofField && !there.has(kind.id) && isMeant(kind))
        .map(({ id, name }) => ({ id, words: name, aside: samples?.get(id) ?? '' })),
      ...fields.found(words),
    ];
  };
  const said = view ? sayTable(view.steps, names.bands, nameOf) : [];
  return (
    <Stack>
      <ReadyTables shelf={shelf} />
      <div data-setting={setting.id}>
        <Heads aria-hidden="true">
          <span>
            <span>Share</span>
            <span>Least</span>
            <span>Align</span>
            <span>Leaves</span>
            <span>Sort</span>
          </span>
        </Heads>
        <OrderedList
          label="Columns of the table"
          empty="The table has no column yet."
          rows={columns.map((column) => ({
            id: column.id,
            name: column.words ?? nameOf(column.id),
            setting: columnSetting(column.id),
            facts: column.words ? nameOf(column.id) : '',
            aside: (
              <InRow
                column={column}
                name={nameOf(column.id)}
                canSort={canSort(column.id)}
                onSort={(sort) =>
                  write(value.map((one) => (one === column ? changed(one, 'sort', sort || undefined) : one)))
                }
              />
            ),
          }))}
          open={open}
          onOpen={(id) => setOpen(id === open ? null : id)}
          onMove={move}
        />
      </div>
      {opened && (
        <ColumnSettings
          key={opened.id}
          column={opened}
          name={nameOf(opened.id)}
          most={value.length}
          onChange={change}
          onRemove={() => {
            write(value.filter(({ id }) => id !== opened.id));
            setOpen(null);
          }}
        />
      )}
      {value.length >= MOST_COLUMNS ? (
        <Hint>There is room for {MOST_COLUMNS} columns.</Hint>
      ) : (
        <Search
          label="Add a column"
          placeholder="Add a column: item code, rating, capacity…"
          opensAtOnce
          find={offered}
          onChoose={add}
        />
      )}
      {said.length > 0 && (
        <Summary aria-label="Columns at each width">
          {said.map(({ band, words }) => (
            <div key={band} style={{ display: 'contents' }}>
              <dt>{band}</dt>
              <dd>{words}</dd>
            </div>
          ))}
        </Summary>
      )}
    </Stack>
  );
}

function InRow({
  column: { share, least, align = 'start', leaves, sort = false },
  name,
  canSort,
  onSort,
}: {
  column: TableColumn;
  name: string;
  /** Rows can be sorted by what it shows. */
  canSort: boolean;
  onSort(sort: boolean): void;
}) {
  const Align = ALIGNED[align];
  return (
    <Measures>
      <b>{share}</b>
      <b>{least}</b>
      <Align size={15} aria-label={`aligned to the ${align}`} />
      <span>{leaves === undefined ? STAYS : ordinal(leaves)}</span>
      {canSort ? <Switch label={`Shoppers sort by ${name}`} on={sort} onChange={onSort} /> : <span>–</span>}
    </Measures>
  );
}

interface ColumnSettingsProps {
  column: TableColumn;
  name: string;
  /** Columns there are. */
  most: number;
  onChange<K extends keyof TableColumn>(key: K, value: TableColumn[K] | undefined): void;
  onRemove(): void;
}

function ColumnSettings({ column, name, most, onChange, onRemove }: ColumnSettingsProps) {
  const { id, share, least, align = 'start', leaves, words } = column;
  const places = Math.max(most, leaves ?? 0);
  return (
    <SettingsBox aria-label={`Settings of the column ${name}`} data-setting={columnSetting(id)}>
      <h4>{name}</h4>
      <Stack>
        <Stepper
          label="Share of the width"
          shown
          value={share}
          least={0}
          most={MOST_SHARE}
          onChange={(next) => onChange('share', next)}
        />
        <Stepper
          label="Smallest width, px"
          shown
          wide
          value={least}
          least={COLUMN_PX.least}
          most={COLUMN_PX.most}
          step={4}
          onChange={(next) => onChange('least', next)}
        />
        <Choice
          label="Alignment"
          shown
          value={align}
          options={ALIGN_WORDS}
          onChange={(next) => onChange('align', next === 'start' ? undefined : next)}
        />
        {id === TITLE_COLUMN ? (
          <Hint>The title names the rows and stays at every width.</Hint>
        ) : (
          <Pick
            label="Where there is no room for all columns"
            value={leaves === undefined ? STAYS : String(leaves)}
            options={[
              { value: STAYS, words: 'It stays' },
              ...Array.from({ length: places }, (_, i) => ({
                value: String(i + 1),
                words: `It leaves ${ordinal(i + 1)}`,
              })),
            ]}
            onChange={(next) => onChange('leaves', next === STAYS ? undefined : Number(next))}
          />
        )}
        <RowWords
          label="Heading"
          value={words}
          longest={LONGEST_HEADING}
          placeholder={name}
          onChange={(next) => onChange('words', next)}
        />
        {id !== TITLE_COLUMN && (
          <div>
            <QuietButton onPress={onRemove}>
              <X size={14} aria-hidden /> Remove the column
            </QuietButton>
          </div>
        )}
      </Stack>
    </SettingsBox>
  );
}
