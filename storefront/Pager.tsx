import { useTexts } from './texts.ts';
import type { Paging } from '../core/plan/shelf.ts';
import type { PagerView } from '../core/view/view.ts';

export interface PagerProps {
  pager: PagerView;
  paging: Paging;
}

/** Ways to the other pages of a list. There may be several, of which each width shows its own. */
export function Pager(props: PagerProps) {
  return props.paging.by === 'numbered' ? <Numbered {...props} /> : <More {...props} />;
}

/**
 * A link to what comes next; without script a page of its own. The script brings it here instead, and does so by
 * itself where that is wanted.
 */
function More({ pager: { size, previous, next, href }, paging }: PagerProps) {
  const texts = useTexts();
  return (
    <div className="pager more" data-size={size} data-by={paging.by}>
      {previous !== null && (
        <a rel="prev" href={href[previous]} data-from={previous}>
          {texts.showPrevious}
        </a>
      )}
      {next !== null && (
        <a rel="next" href={paging.link || href[next]} data-from={paging.link ? undefined : next}>
          {paging.words || texts.showMore}
        </a>
      )}
      {paging.by === 'onReach' && next !== null && (
        <a className="to-foot" href="#foot">
          {texts.skipToFooter}
        </a>
      )}
    </div>
  );
}

function Numbered({ pager }: PagerProps) {
  const texts = useTexts();
  const { previous, next, links, href } = pager;
  return (
    <div className="pager" data-size={pager.size}>
      {previous !== null && (
        <a rel="prev" href={href[previous]}>
          {texts.previous}
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
          <a key={link.page} href={href[link.from]} aria-label={texts.pageOf(link.page + 1, pager.pages)}>
            {link.page + 1}
          </a>
        ),
      )}
      {next !== null && (
        <a rel="next" href={href[next]}>
          {texts.next}
        </a>
      )}
    </div>
  );
}
