import type { ToolSpan } from '../../core/view/toolSpan.ts';
import { unfolded, type ToolFilter, type ToolValue } from '../../core/view/toolFilter.ts';
import type { ToolsView } from '../../core/view/toolsView.ts';
import { SwatchFace } from '../SwatchFace.tsx';
import { useTexts } from '../texts.ts';
import { Cross } from './Cross.tsx';
import { Kept } from './Kept.tsx';

interface FiltersProps {
  id: string;
  tools: ToolsView;
  /** What its forms lead to. */
  action: string;
}

/** The filters of a list: beside it where there is room, else behind a button; without script as well. */
export function Filters({ id, tools, action }: FiltersProps) {
  const texts = useTexts();
  return (
    <div className="filters" id={id} popover="auto" role="group" aria-label={tools.fold}>
      <div className="filters-head">
        <strong>{tools.fold}</strong>
        <button type="button" popoverTarget={id} popoverTargetAction="hide" aria-label={texts.closeFilters}>
          <Cross />
        </button>
      </div>
      {tools.filters.map((filter) => (
        <Filter key={filter.id} filter={filter} most={tools.most} action={action} />
      ))}
    </div>
  );
}

function Filter({ filter, most, action }: { filter: ToolFilter; most: number; action: string }) {
  const texts = useTexts();
  const { words, drawn, values, span } = filter;
  if (drawn === 'box')
    return (
      <div className="filter">
        <Values filter={filter} values={values} />
      </div>
    );
  const [first, rest] = unfolded(filter, most);
  return (
    <div className="filter">
      <p className="filter-name">
        {words}
        {span && <span className="filter-span">{span.words}</span>}
      </p>
      {span && <SpanFields span={span} words={words} action={action} />}
      {first.length > 0 && <Values filter={filter} values={first} />}
      {rest.length > 0 && (
        <details data-key={filter.id}>
          <summary data-key={`more ${filter.id}`}>{texts.moreOfFilter(rest.length)}</summary>
          <Values filter={filter} values={rest} />
        </details>
      )}
    </div>
  );
}

/** Values of a filter, each a link. */
export function Values({ filter, values }: { filter: ToolFilter; values: readonly ToolValue[] }) {
  return (
    <ul className={`filter-values as-${filter.drawn}`} role="list" aria-label={filter.words}>
      {values.map((value) => (
        <li key={value.id} className={value.depth > 0 ? `depth-${Math.min(value.depth, 4)}` : undefined}>
          <Value value={value} filter={filter} />
        </li>
      ))}
    </ul>
  );
}

function Value({ value, filter }: { value: ToolValue; filter: ToolFilter }) {
  const texts = useTexts();
  const { drawn } = filter;
  const { words, count, adds, chosen, href, face } = value;
  const said = chosen
    ? texts.valueChosen(words)
    : adds === null
      ? texts.wouldFind(words, count ?? 0)
      : texts.wouldAdd(words, adds);
  const inside = (
    <>
      {drawn === 'swatches' && face.by !== 'words' ? (
        <SwatchFace face={face} />
      ) : (
        drawn !== 'tree' && drawn !== 'swatches' && <span className="tick" />
      )}
      <span className={drawn === 'swatches' && face.by !== 'words' ? 'swatch-name' : 'value-name'}>
        {words}
      </span>
      {count !== null && <span className="value-count">{adds === null ? count : texts.addsCount(adds)}</span>}
    </>
  );
  // What would find nothing leads nowhere.
  if (href === null)
    return (
      <span
        className="filter-value"
        aria-current={chosen ? 'true' : undefined}
        data-off={chosen ? undefined : ''}
      >
        {inside}
      </span>
    );
  return (
    <a
      className="filter-value"
      rel="nofollow"
      href={href}
      aria-label={said}
      aria-current={chosen ? 'true' : undefined}
      data-filter={filter.name}
      data-count={count ?? undefined}
      title={drawn === 'swatches' ? words : undefined}
      data-key={`${filter.id} ${value.id}`}
    >
      {inside}
    </a>
  );
}

/** The height of the highest bar, in the units of its drawing. */
const BARS_HIGH = 30;
/** Of a bar that stands for anything at all. */
const LEAST_HIGH = 1.5;

/** Fields for the ends of a span, over how many there are of each. */
export function SpanFields({ span, words, action }: { span: ToolSpan; words: string; action: string }) {
  const texts = useTexts();
  const { bars, unit } = span;
  const most = Math.max(1, ...bars.map(({ count }) => count));
  return (
    <form className="filter-fields" action={action}>
      <Kept parameters={span.kept} />
      {bars.length > 1 && (
        <svg
          className="bars"
          viewBox={`0 0 ${bars.length} ${BARS_HIGH}`}
          preserveAspectRatio="none"
          aria-hidden="true"
        >
          {bars.map(({ from, count, chosen }, i) => {
            const high = count === 0 ? 0 : Math.max(LEAST_HIGH, (BARS_HIGH * count) / most);
            return (
              <rect
                key={from}
                x={i + 0.05}
                y={BARS_HIGH - high}
                width={0.9}
                height={high}
                className={chosen ? 'in' : undefined}
              />
            );
          })}
        </svg>
      )}
      <div className="ends">
        <input
          name={span.least}
          inputMode="decimal"
          defaultValue={span.from}
          placeholder={span.lowest}
          aria-label={texts.leastOf(words)}
          maxLength={14}
        />
        <span>{texts.to}</span>
        <input
          name={span.most}
          inputMode="decimal"
          defaultValue={span.to}
          placeholder={span.highest}
          aria-label={texts.mostOf(words)}
          maxLength={14}
        />
        {unit && <span>{unit}</span>}
        <button type="submit" aria-label={texts.applyOf(words)} data-key={`apply ${span.least}`}>
          {texts.apply}
        </button>
      </div>
    </form>
  );
}
