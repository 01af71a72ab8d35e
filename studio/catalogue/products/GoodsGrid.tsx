import { flexRender, getCoreRowModel, useReactTable } from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { currencyOf } from '../../../core/catalogue/currencyOf.ts';
import type { GoodsRow } from '../../../core/goods/goods.ts';
import { GOODS_SORTS, type GoodsSort } from '../../../core/goods/goodsList.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { t } from '../../ui/theme.ts';
import { useSize } from '../../ui/useSize.ts';
import { canEdit, cellEdits } from './cellEdits.tsx';
import { goodsColumns, SPARED } from './goodsColumns.tsx';
import { TypedCell, type Leaves } from './TypedCell.tsx';
import { useGoodsRows, useGoodsTotal, type GoodsListed } from './useGoodsList.ts';

const ROW_PX = 46;
/** Rows drawn beyond what is in sight. */
const OVERSCAN = 8;

const Window = styled.div`
  flex: 1;
  min-height: 0;
  overflow: auto;
  background: ${t.paper};
  border-radius: ${t.corner} ${t.corner} 0 0;
  outline: none;
  .row {
    display: grid;
    grid-template-columns: var(--tracks);
    align-items: center;
    gap: 0 var(--between);
    min-width: var(--least);
    padding-inline: 12px;
    border-bottom: 1px solid ${t.line};
  }
  .head {
    position: sticky;
    top: 0;
    z-index: 1;
    min-height: 34px;
    background: ${t.paper};
    color: ${t.ink2};
    font-size: 12.5px;
  }
  .head button {
    border: 0;
    background: none;
    padding: 4px 0;
    color: inherit;
    font: inherit;
    cursor: pointer;
    display: inline-flex;
    align-items: center;
    gap: 3px;
  }
  .rows {
    position: relative;
    min-width: var(--least);
  }
  .goods {
    position: absolute;
    inset-inline: 0;
    height: ${ROW_PX}px;
    cursor: pointer;
    outline: none;
  }
  .goods:hover {
    background: #fff;
  }
  .goods[aria-selected='true'] {
    background: ${t.pineSoft};
    box-shadow: inset 4px 0 ${t.pine};
  }
  .goods:focus-visible {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  .cell {
    min-width: 0;
    max-height: ${ROW_PX - 6}px;
    overflow: hidden;
    line-height: 1.25;
  }
  .number {
    text-align: end;
  }
  .cell[data-press] {
    padding: 5px 6px;
    margin-inline: -6px;
    border-radius: ${t.corner};
    cursor: text;
  }
  .cell[data-press]:empty {
    min-height: 28px;
  }
  .cell[data-press]:hover {
    box-shadow: inset 0 0 0 1px ${t.edge};
  }
  .cell[data-typed] {
    overflow: visible;
    max-height: none;
    margin-inline: -6px;
  }
  input[type='checkbox'] {
    width: 17px;
    height: 17px;
    accent-color: ${t.pine};
    cursor: pointer;
  }
  .cell img,
  .bare {
    display: grid;
    place-items: center;
    width: 36px;
    height: 36px;
    object-fit: cover;
    border-radius: 3px;
    background: ${t.wall};
    color: ${t.ink2};
  }
  .title {
    font-weight: 600;
  }
  .lacks {
    color: ${t.brick};
    font-size: 12px;
  }
  .title + .lacks {
    display: block;
  }
  .quiet {
    color: ${t.ink2};
    font-size: 12.5px;
  }
`;

/** As narrow as the list may be with all its columns, and without those that can be spared, px. */
const ALL_COLUMNS_PX = 760;
const MOST_COLUMNS_PX = 620;

interface GoodsGridProps {
  asked: GoodsListed;
  /** The product whose editor is open. */
  open: number | null;
  /** What is said where there is none. */
  empty: string;
  /** Those that are changed together. */
  chosen: ReadonlySet<number>;
  onChoose(id: number, chosen: boolean): void;
  onOpen(id: number): void;
  onSort(sort: GoodsSort, down: boolean): void;
}

/** The list of all products: only what is in sight is fetched and drawn, however many there are. */
export function GoodsGrid({ asked, open, empty, chosen, onChoose, onOpen, onSort }: GoodsGridProps) {
  // Both packages change what they gave back before, so that nothing here may be kept from one drawing to the next.
  'use no memo';
  const house = useDraft((state) => state.plan.house);
  const { tags } = useStudio().vocabulary;
  const columns = useMemo(() => {
    const names = new Map(tags.map(({ tag, name }) => [tag, name]));
    return goodsColumns(currencyOf(house), { tag: (tag) => names.get(tag) });
  }, [house, tags]);
  const window = useRef<HTMLDivElement>(null);
  const [measure, { width }] = useSize();
  const keep = useCallback(
    (element: HTMLDivElement | null) => {
      window.current = element;
      measure(element);
    },
    [measure],
  );
  // Nothing is measured before it is drawn.
  const isNarrow = width > 0 && width < ALL_COLUMNS_PX;
  const { total, error, refetch } = useGoodsTotal(asked);
  // eslint-disable-next-line react-hooks/incompatible-library -- said above
  const virtual = useVirtualizer({
    count: total ?? 0,
    getScrollElement: () => window.current,
    estimateSize: () => ROW_PX,
    overscan: OVERSCAN,
    initialRect: { width: 800, height: 600 },
  });
  const items = virtual.getVirtualItems();
  const rowAt = useGoodsRows(asked, items[0]?.index ?? 0, items.at(-1)?.index ?? 0);
  // Whatever else is asked for begins at its top.
  const key = JSON.stringify(asked);
  useEffect(() => {
    // What a browser gives back is no way to end it.
    void window.current?.scrollTo?.({ top: 0 });
  }, [key]);
  const there = items.flatMap(({ index }) => {
    const row = rowAt(index);
    return row ? [{ index, row }] : [];
  });
  const table = useReactTable<GoodsRow>({
    data: there.map(({ row }) => row),
    columns,
    getRowId: ({ id }) => String(id),
    state: { columnVisibility: isNarrow ? SPARED : {} },
    getCoreRowModel: getCoreRowModel(),
    manualSorting: true,
    // What is in sight is another list at each drawing, of which there is nothing to begin anew.
    autoResetAll: false,
  });

  const tracks = table.getVisibleLeafColumns().map(({ columnDef }) => columnDef.meta!.track);

  // One row has the keyboard; it may be out of sight.
  const [at, setAt] = useState(0);
  const wanted = useRef<number | null>(null);
  const current = Math.min(at, Math.max(0, (total ?? 1) - 1));
  useEffect(() => {
    if (wanted.current === null) return;
    const row = window.current?.querySelector<HTMLElement>(`[data-place="${wanted.current}"]`);
    if (!row) return;
    row.focus({ preventScroll: true });
    wanted.current = null;
  });
  const [typed, setTyped] = useState<{ id: number; column: string } | null>(null);
  const go = (place: number) => {
    setTyped(null);
    const next = Math.max(0, Math.min((total ?? 1) - 1, place));
    wanted.current = next;
    setAt(next);
    virtual.scrollToIndex(next);
  };
  /** Begins to set something of a product, where that can be set here. */
  const type = (place: number, column: string | undefined): boolean => {
    const row = rowAt(place);
    const edit = column === undefined ? undefined : cellEdits[column];
    if (!row || column === undefined || !edit || !canEdit(edit, row)) return false;
    setTyped({ id: row.id, column });
    virtual.scrollToIndex(place);
    return true;
  };
  const leave = (place: number, column: string, to: Leaves | null) => {
    if (to === null) return setTyped(null);
    const row = rowAt(place);
    const able = table.getVisibleLeafColumns().flatMap(({ id }) => {
      const edit = cellEdits[id];
      return row && edit && canEdit(edit, row) ? [id] : [];
    });
    const beside = { next: 1, before: -1 } as Partial<Record<Leaves, number>>;
    const step = beside[to];
    const went =
      to === 'below'
        ? place + 1 < (total ?? 0) && type(place + 1, column)
        : step !== undefined && type(place, able[able.indexOf(column) + step]);
    if (!went) go(to === 'below' ? place + 1 : place);
  };
  const inSight = Math.max(1, Math.floor((window.current?.clientHeight ?? 0) / ROW_PX) - 1);
  const onKey = (event: KeyboardEvent) => {
    const moves: Record<string, number> = {
      ArrowDown: current + 1,
      ArrowUp: current - 1,
      PageDown: current + inSight,
      PageUp: current - inSight,
      Home: 0,
      End: (total ?? 1) - 1,
    };
    const to = moves[event.key];
    if (to === undefined || !(event.target as Element).closest('.goods')) return;
    event.preventDefault();
    go(to);
  };

  if (error && total === undefined)
    return (
      <Notice action="Try again" onAction={() => void refetch()}>
        The products could not be fetched: {error.message}
      </Notice>
    );
  return (
    <Window
      ref={keep}
      role="grid"
      aria-label="Products"
      aria-rowcount={total === undefined ? -1 : total + 1}
      aria-busy={total === undefined}
      style={{
        '--tracks': `24px ${tracks.join(' ')}`,
        '--between': isNarrow ? '8px' : '12px',
        '--least': `${isNarrow ? MOST_COLUMNS_PX : ALL_COLUMNS_PX}px`,
      }}
      onKeyDown={onKey}
    >
      <div role="rowgroup">
        {table.getHeaderGroups().map((group) => (
          <div key={group.id} className="row head" role="row" aria-rowindex={1}>
            <span role="columnheader" aria-label="Chosen" />
            {group.headers.map((header) => {
              const { meta, header: words } = header.column.columnDef;
              const { sort, isNumber } = meta!;
              const isSorted = sort !== undefined && asked.sort === sort;
              return (
                <span
                  key={header.id}
                  role="columnheader"
                  className={isNumber ? 'number' : undefined}
                  aria-sort={isSorted ? (asked.down ? 'descending' : 'ascending') : undefined}
                >
                  {sort ? (
                    <button
                      onClick={() => onSort(sort, isSorted ? !asked.down : (GOODS_SORTS[sort].down ?? false))}
                    >
                      {flexRender(words, header.getContext())}
                      {isSorted && (asked.down ? <ArrowDown size={13} /> : <ArrowUp size={13} />)}
                    </button>
                  ) : (
                    flexRender(words, header.getContext())
                  )}
                </span>
              );
            })}
          </div>
        ))}
      </div>
      {total === 0 && <Notice>{empty}</Notice>}
      {total === undefined && <Notice>Fetching products…</Notice>}
      <div className="rows" role="rowgroup" style={{ height: virtual.getTotalSize() }}>
        {table.getRowModel().rows.map((row, i) => {
          const { index } = there[i]!;
          return (
            <div
              key={row.id}
              className="row goods"
              role="row"
              aria-rowindex={index + 2}
              aria-selected={row.original.id === open}
              aria-label={row.original.title}
              aria-keyshortcuts="F2"
              data-place={index}
              tabIndex={index === current ? 0 : -1}
              style={{ transform: `translateY(${index * ROW_PX}px)` }}
              onFocus={() => setAt(index)}
              onClick={() => onOpen(row.original.id)}
              onKeyDown={(event) => {
                if (event.key === 'F2') type(index, 'title');
                if (event.key !== 'Enter' && event.key !== ' ') return;
                event.preventDefault();
                if (event.key === 'Enter') onOpen(row.original.id);
                else onChoose(row.original.id, !chosen.has(row.original.id));
              }}
            >
              <span role="gridcell">
                <input
                  type="checkbox"
                  tabIndex={-1}
                  aria-label={`Choose ${row.original.title}`}
                  checked={chosen.has(row.original.id)}
                  onClick={(event) => event.stopPropagation()}
                  onChange={(event) => onChoose(row.original.id, event.target.checked)}
                />
              </span>
              {row.getVisibleCells().map((cell) => {
                const { id: column, columnDef } = cell.column;
                const edit = cellEdits[column];
                const isTyped = typed?.id === row.original.id && typed.column === column;
                const canPress = edit?.byPress && canEdit(edit, row.original);
                return (
                  <span
                    key={cell.id}
                    role="gridcell"
                    className={columnDef.meta!.isNumber ? 'cell number' : 'cell'}
                    data-press={(canPress && !isTyped) || undefined}
                    data-typed={isTyped || undefined}
                    onClick={(event) => {
                      if (!canPress) return;
                      event.stopPropagation();
                      type(index, column);
                    }}
                  >
                    {edit && isTyped ? (
                      <TypedCell row={row.original} edit={edit} onLeave={(to) => leave(index, column, to)} />
                    ) : (
                      flexRender(columnDef.cell, cell.getContext())
                    )}
                  </span>
                );
              })}
            </div>
          );
        })}
      </div>
    </Window>
  );
}
