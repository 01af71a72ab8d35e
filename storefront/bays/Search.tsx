import { Search } from 'lucide-react';
import { WORDS_PARAMETER } from '../../core/listing/parameters.ts';
import { searchPage } from '../../core/pages/search.ts';
import { pagePath } from '../../core/pages/index.ts';
import { useTexts } from '../texts.ts';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

/** The field in which shoppers search the store, or a link to the page with it. What is typed is completed with script. */
export function SearchBay({ bay, content }: BayDrawingProps<'search'>) {
  const texts = useTexts();
  const { words, said, button, shown, suggests } = content;
  const path = pagePath(searchPage, '');
  return (
    <div className="inner">
      <BayHeading heading={bay.heading} />
      <form className="site-search" action={path} role="search" data-suggests={suggests ? '' : undefined}>
        <input
          type="search"
          name={WORDS_PARAMETER}
          defaultValue={words}
          aria-label={texts.searchStore}
          placeholder={texts.searchStore}
          maxLength={120}
          autoComplete="off"
        />
        <button type="submit">{button}</button>
        {suggests && (
          <div
            className="suggestions"
            role="listbox"
            aria-label={texts.suggestions}
            hidden
            id={`${bay.id}-suggestions`}
          />
        )}
      </form>
      {Object.values(shown).includes('link') && (
        <a className="search-link own-link" href={path} aria-label={texts.searchPage}>
          <Search size={22} strokeWidth={1.7} aria-hidden />
        </a>
      )}
      {said && (
        <p className="search-said" role="status">
          {said}
        </p>
      )}
    </div>
  );
}
