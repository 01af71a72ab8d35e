import type { Suggestions as SuggestionsView } from '../core/search/suggestions.ts';
import { SmallPicture } from './SmallPicture.tsx';

/** Width and height of the picture of what is suggested, px. */
const PICTURE_PX = 40;

/** What is suggested while a search is typed, as options of a list box; each leads to a page. */
export function Suggestions({ suggestions: { all, rest } }: { suggestions: SuggestionsView }) {
  return (
    <>
      {all.map(({ href, words, aside, picture, pictured }) => (
        <div key={href} className="suggestion" role="option" aria-selected="false" data-href={href}>
          {pictured && (
            <span className="suggestion-picture">
              {picture && (
                <SmallPicture
                  picture={{ facts: picture, widthPx: PICTURE_PX, heightPx: PICTURE_PX }}
                  alt=""
                />
              )}
            </span>
          )}
          <span className="suggestion-words">{words}</span>
          <span className="suggestion-aside">{aside}</span>
        </div>
      ))}
      {rest && (
        <div className="suggestion suggestion-rest" role="option" aria-selected="false" data-href={rest.href}>
          {rest.words}
        </div>
      )}
    </>
  );
}
