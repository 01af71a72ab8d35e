import { menuWords } from '../../core/view/toolFilter.ts';
import type { ToolsView } from '../../core/view/toolsView.ts';
import { SpanFields, Values } from './Filters.tsx';

interface FilterMenusProps {
  id: string;
  tools: ToolsView;
  /** What its forms lead to. */
  action: string;
}

/** The filters of a list, each as a menu of its own above it; one is open at a time, without script as well. */
export function FilterMenus({ id, tools: { filters }, action }: FilterMenusProps) {
  return (
    <div className="filter-menus">
      {filters.map((filter) => (
        <details key={filter.id} className="filter-menu" name={`${id}-menus`} data-key={`menu ${filter.id}`}>
          <summary data-key={`menu ${filter.id}`}>{menuWords(filter.words, filter.chosen)}</summary>
          <div className="filter-menu-box">
            {filter.span && <SpanFields span={filter.span} words={filter.words} action={action} />}
            {filter.values.length > 0 && <Values filter={filter} values={filter.values} />}
          </div>
        </details>
      ))}
    </div>
  );
}
