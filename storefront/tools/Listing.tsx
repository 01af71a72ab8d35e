import type { ReactNode } from 'react';
import { listAnchor } from '../../core/view/address.ts';
import type { PagerView } from '../../core/view/view.ts';
import type { ToolsView, ToolSwitch } from '../../core/view/toolsView.ts';
import { useTexts } from '../texts.ts';
import { Cross } from './Cross.tsx';
import { FilterMenus } from './FilterMenus.tsx';
import { Filters } from './Filters.tsx';
import { Kept } from './Kept.tsx';

interface ListingProps {
  shelfId: string;
  tools: ToolsView;
  /** Its pages, one for each size that they have at one width or another; none where they are not numbered. */
  pagers: readonly PagerView[];
  /** The list has something to show. */
  found: boolean;
  children: ReactNode;
}

/**
 * A list with what shoppers find things in it with: links and forms that lead to the list as it is then, all of which
 * work without script.
 */
export function Listing({ shelfId, tools, pagers, found, children }: ListingProps) {
  const texts = useTexts();
  const { action, sort, search, views, density, chips, without, filters, stand } = tools;
  const filtersId = `filters-${shelfId}`;
  const anchored = `${action}#${listAnchor(shelfId)}`;
  return (
    <div
      className="listing"
      data-listing={shelfId}
      id={listAnchor(shelfId)}
      data-address={tools.self}
      data-total={tools.total}
    >
      {filters.length > 0 && <Filters id={filtersId} tools={tools} action={anchored} />}
      <div className="list">
        <div className="tools">
          <div className="tools-side">
            <p className="tool-count" tabIndex={-1}>
              {tools.found}
            </p>
            {pagers.map(({ size, span }) => (
              <span key={size} className="tool-span" data-size={size}>
                {span}
              </span>
            ))}
            {filters.length > 0 && (
              <button className="filters-fold" type="button" popoverTarget={filtersId}>
                {tools.fold}
                {chips.length > 0 && <span className="filters-chosen">{chips.length}</span>}
              </button>
            )}
            {search?.at === 'start' && <Search search={search} action={anchored} />}
            {sort?.at === 'start' && <Sort sort={sort} action={anchored} />}
          </div>
          <div className="tools-side">
            {search?.at === 'end' && <Search search={search} action={anchored} />}
            {sort?.at === 'end' && <Sort sort={sort} action={anchored} />}
            {density && <Switch className="tool-density" of={density} />}
            {views && <Switch className="tool-views" of={views} />}
          </div>
        </div>
        {Object.values(stand).includes('menus') && (
          <FilterMenus id={filtersId} tools={tools} action={anchored} />
        )}
        {chips.length > 0 && (
          <ul className="chosen" role="list" aria-label={texts.chosen}>
            {chips.map(({ words, said, href }) => (
              <li key={href}>
                <a className="chip" href={href} aria-label={said} data-key={`chip ${words}`}>
                  {words}
                  <Cross />
                </a>
              </li>
            ))}
            {without !== null && (
              <li>
                <a className="remove-all" href={without}>
                  {texts.removeAll}
                </a>
              </li>
            )}
          </ul>
        )}
        {found ? children : <p className="nothing-matches">{texts.nothingMatches}</p>}
      </div>
    </div>
  );
}

function Search({ search, action }: { search: NonNullable<ToolsView['search']>; action: string }) {
  return (
    <form className="tool-search" action={action} role="search">
      <Kept parameters={search.kept} />
      <input
        type="search"
        name={search.name}
        defaultValue={search.words}
        aria-label={search.hint}
        placeholder={search.hint}
        maxLength={120}
      />
      <button type="submit" data-key="search">
        {search.button}
      </button>
    </form>
  );
}

function Sort({ sort, action }: { sort: NonNullable<ToolsView['sort']>; action: string }) {
  return (
    <form className="tool-sort" action={action}>
      <Kept parameters={sort.kept} />
      <label>
        <span>{sort.label}</span>
        <select name={sort.name} defaultValue={sort.options.find(({ chosen }) => chosen)?.id}>
          {sort.options.map(({ id, words }) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" data-key="sort">
        {sort.button}
      </button>
    </form>
  );
}

/** Links to the same list shown otherwise. */
function Switch({ className, of: { said, options } }: { className: string; of: ToolSwitch }) {
  return (
    <div className={className} role="group" aria-label={said}>
      {options.map(({ id, words, href, chosen }) => (
        <a
          key={id}
          className="tool-view"
          rel="nofollow"
          href={href}
          data-key={`${className} ${id}`}
          aria-current={chosen ? 'true' : undefined}
        >
          {words}
        </a>
      ))}
    </div>
  );
}
