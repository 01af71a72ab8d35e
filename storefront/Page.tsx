import type { ReactNode } from 'react';
import { textsFor } from '../core/texts/index.ts';
import { TextsContext, useTexts } from './texts.ts';
import { bayKind } from '../core/bays/index.ts';
import type { BayView, PageView } from '../core/view/view.ts';
import { Bay } from './bays/index.tsx';

/** A page from its view: the whole of what stands in the body. */
export function Page({ view }: { view: PageView }) {
  const firstPictures = view.bays.find(({ empty, content }) => !empty && !bayKind(content.holds).leads)?.id;
  const [notices, rest] = [leadingNotices(view), view.bays.slice(leadingNotices(view).length)];
  const texts = textsFor({ locale: view.lang, texts: view.texts });
  return (
    <TextsContext value={texts}>
      <div className="region" dir={view.direction}>
        <a className="skip" href="#main">
          {texts.skipToContent}
        </a>
        {notices.map((bay) => (
          <Bay key={bay.id} bay={bay} eager={false} />
        ))}
        {view.head && (
          <header className="store">
            <div className="rows">
              {view.head.bays.map((bay) => (
                <Bay key={bay.id} bay={bay} eager={false} />
              ))}
            </div>
          </header>
        )}
        <main id="main" className="main">
          {view.trail.length > 0 && (
            <nav className="trail" aria-label={texts.breadcrumb}>
              <ol role="list">
                {view.trail.map((link) => (
                  <li key={link.words}>{link.current ? link.words : <a href={link.href}>{link.words}</a>}</li>
                ))}
              </ol>
            </nav>
          )}
          {view.firstHeading !== null && (
            <div className={view.headed ? `page-heading align-${view.headingAlign}` : 'unseen'}>
              <h1>{view.firstHeading}</h1>
            </div>
          )}
          {view.none !== null && <p className="none">{view.none}</p>}
          <Columns
            side={view.side}
            bays={rest}
            drawn={(bay) => <Bay key={bay.id} bay={bay} eager={bay.id === firstPictures} />}
          />
        </main>
        {/* Where the keyboard goes on after a list that grows, whatever is in it. */}
        <footer className="foot" id="foot" tabIndex={-1}>
          {view.foot && (
            <div className="rows">
              {view.foot.bays.map((bay) => (
                <Bay key={bay.id} bay={bay} eager={false} />
              ))}
            </div>
          )}
        </footer>
      </div>
    </TextsContext>
  );
}

/** The bays of a page, and its sidebar where it has one; read after the page, but for one that is behind a button. */
function Columns({
  side,
  bays,
  drawn,
}: {
  side: PageView['side'];
  bays: readonly BayView[];
  drawn(bay: BayView): ReactNode;
}) {
  const texts = useTexts();
  if (!side) return bays.map(drawn);
  const own = <div className="bays">{bays.filter(({ aside }) => !aside).map(drawn)}</div>;
  const folds = Object.values(side.stands).includes('button');
  return (
    <div className="columns">
      {!folds && own}
      {folds && (
        <button className="button side-fold" type="button" aria-expanded="false" aria-controls="side">
          {texts.sidebar}
        </button>
      )}
      <aside className="side" id="side" aria-label={texts.sidebar}>
        {bays.filter(({ aside }) => aside).map(drawn)}
      </aside>
      {folds && own}
    </div>
  );
}

/** Notices that come first are above the store's name. */
function leadingNotices(view: PageView) {
  const end = view.bays.findIndex(({ content }) => !bayKind(content.holds).leads);
  return view.bays.slice(0, end < 0 ? view.bays.length : end);
}
