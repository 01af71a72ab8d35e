import type { PagerView } from '../core/view/view.ts';

/** Links to the pages of a list. There may be several, of which each width shows its own. */
export function Pager({ pager, name }: { pager: PagerView; name: string }) {
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
