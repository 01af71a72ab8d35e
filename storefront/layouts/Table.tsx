import { memo } from 'react';
import { partKind, type PartView } from '../../core/card/parts/index.ts';
import { TITLE_COLUMN } from '../../core/table/tableColumn.ts';
import { saysUnder } from '../../core/table/tableStep.ts';
import { rowsForm } from '../../core/table/rowsForm.ts';
import type { StoreTexts } from '../../core/texts/storeTexts.ts';
import type { TableHead, TableView, TableWay } from '../../core/view/tableView.ts';
import type { CardView } from '../../core/view/view.ts';
import { drawPart } from '../parts/index.tsx';
import type { PartContext } from '../parts/partDrawing.ts';
import { useTexts } from '../texts.ts';

export interface TableProps {
  shelfId: string;
  /** What it is called aloud where it has no caption. */
  name: string;
  table: TableView;
  cards: readonly CardView[];
  /** Place of the first in the whole list. */
  start: number;
  sizes: string;
}

/**
 * The goods of a shelf as rows of a table: the same elements at every width; the style sheet of the core gives columns
 * their widths, and takes those away for which there is no room. Roles are said, since the elements are laid out otherwise
 * than tables are.
 */
export function Table({ shelfId, name, table, cards, start, sizes }: TableProps) {
  const texts = useTexts();
  const { heads, caption, captioned, above, below, addsAll } = table;
  const formId = addsAll ? rowsForm(shelfId) : null;
  return (
    <div className="sheet">
      {formId && (
        <form id={formId} action="/basket" method="post">
          <input type="hidden" name="do" value="rows" />
          {/* What the Enter key presses in a field; else it would buy the first row alone. */}
          <button className="unseen" tabIndex={-1} aria-hidden="true">
            {texts.addAllRows}
          </button>
        </form>
      )}
      <Bar ways={above} formId={formId} />
      <table role="table" aria-label={caption ? undefined : name}>
        {caption && <caption className={captioned === 'aloud' ? 'unseen' : undefined}>{caption}</caption>}
        <thead role="rowgroup">
          <tr role="row">
            {heads.map((head) => (
              <Head key={head.id} head={head} texts={texts} />
            ))}
          </tr>
        </thead>
        <tbody role="rowgroup">
          {cards.map((card, i) => (
            <Row
              key={card.id}
              shelfId={shelfId}
              card={card}
              place={start + i}
              table={table}
              sizes={sizes}
              rowsFormId={formId}
            />
          ))}
        </tbody>
      </table>
      <Bar ways={below} formId={formId} />
    </div>
  );
}

const HREFS = { basket: '/basket', checkout: '/checkout' };

function Bar({ ways, formId }: { ways: readonly TableWay[]; formId: string | null }) {
  if (ways.length === 0) return null;
  return (
    <div className="sheet-bar">
      {ways.map(({ is, words }) =>
        is === 'add' ? (
          <button key={is} className="act" form={formId!}>
            {words}
          </button>
        ) : (
          <a key={is} className="act leads" href={HREFS[is]}>
            {words}
          </a>
        ),
      )}
    </div>
  );
}

function Head({ head, texts }: { head: TableHead; texts: StoreTexts }) {
  const { id, words, aloud, sort } = head;
  const face = aloud ? <span className="unseen">{words}</span> : words;
  return (
    <th scope="col" role="columnheader" className={`col col-${id}`} aria-sort={sort?.now ?? undefined}>
      {sort ? (
        <a
          className="sort-by"
          rel="nofollow"
          href={sort.href}
          title={texts.sortByColumn(words)}
          data-key={`sort ${id}`}
        >
          {face}
        </a>
      ) : (
        face
      )}
    </th>
  );
}

interface RowProps {
  shelfId: string;
  card: CardView;
  place: number;
  table: TableView;
  sizes: string;
  rowsFormId: string | null;
}

const Row = memo(function Row({ shelfId, card, place, table, sizes, rowsFormId }: RowProps) {
  const texts = useTexts();
  const views = new Map<string, PartView>(card.parts.map((view) => [view.part, view]));
  const context: PartContext = {
    card,
    formId: `row-${shelfId}-${card.id}`,
    rowsFormId,
    sizes,
    eager: false,
    Title: 'p',
    texts,
    onPicture: () => null,
  };
  const draw = (id: string) => {
    const view = views.get(id);
    if (view) return drawPart(view, context);
    // What could be pressed is just not there.
    return partKind(id)?.takesPresses ? null : (
      <span className="blank" aria-hidden="true">
        –
      </span>
    );
  };
  return (
    <tr className="goods-row" role="row" data-card={card.id} data-place={place}>
      {table.heads.map(({ id }) =>
        id === TITLE_COLUMN ? (
          <th key={id} scope="row" role="rowheader" className={`col col-${id}`}>
            {draw(id)}
            <Under table={table} views={views} draw={draw} />
          </th>
        ) : (
          <td key={id} role="cell" className={`col col-${id}`}>
            {draw(id)}
          </td>
        ),
      )}
    </tr>
  );
});

/** What has left its column, each with its name, under the title; at each width the style sheet shows those that have left there. */
function Under({
  table: { heads, names },
  views,
  draw,
}: {
  table: TableView;
  views: ReadonlyMap<string, PartView>;
  draw(id: string): React.ReactNode;
}) {
  const leaving = heads.filter((head) => !head.stays && saysUnder(head) && views.has(head.id));
  if (leaving.length === 0) return null;
  return (
    <dl className="under">
      {leaving.map(({ id, words }) => (
        <div key={id} className={`under-${id}`}>
          <dt className={names ? undefined : 'unseen'}>{words}</dt>
          <dd>{draw(id)}</dd>
        </div>
      ))}
    </dl>
  );
}
