import type { Paging } from '../core/plan/shelf.ts';
import type { PagerView } from '../core/view/view.ts';

export interface PagerProps {
  pager: PagerView;
  paging: Paging;
  /** What the list is called. */
  name: string;
}

/** Ways to the other pages of a list. There may be several, of which each width shows its own. */
export function Pager(props: PagerProps) {
  return props.paging.by === 'numbered' ? <Numbered {...props} /> : <More {...props} />;
}

/**
 * A link to what comes next; without script a page of its own. The script brings it here instead, and does so by
 * itself where that is wanted.
 */
function More({ pager: { size, previous, next, href }, paging, name }: PagerProps) {
  return (
    <nav className="pager more" data-size={size} data-by={paging.by} aria-label={`More of ${name}`}>
      {previous !== null && (
        <a rel="prev" href={href[previous]} data-from={previous}>
          Show what comes before
        </a>
      )}
      {next !== null && (
        <a rel="next" href={paging.link || href[next]} data-from={paging.link ? undefined : next}>
          {paging.words || 'Show more'}
        </a>
      )}
      {paging.by === 'onReach' && next !== null && (
        <a className="to-foot" href="#foot">
          To the end of the page
        </a>
      )}
    </nav>
  );
}

function Numbered({ pager, name }: PagerProps) {
  const { previous, next, links, href } = pager;
  return (
    <nav className="pager" data-size={pager.size} aria-label={`Pages of ${name}`}>
      {previous !== null && (
        <a rel="prev" href={href[previous]}>
          Previous
        </a>
      )}
      {links.map((link, i) =>
        link === null ? (
          <span key={`gap ${i}`} className="gap">
            …
          </span>
        ) : link.current ? (
          <span key={link.page} className="here" aria-current="page">
            {link.page + 1}
          </span>
        ) : (
          <a key={link.page} href={href[link.from]} aria-label={`Page ${link.page + 1} of ${pager.pages}`}>
            {link.page + 1}
          </a>
        ),
      )}
      {next !== null && (
        <a rel="next" href={href[next]}>
          Next
        </a>
      )}
    </nav>
  );
}
