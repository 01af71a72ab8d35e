import { useTexts } from '../texts.ts';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

/** Links on two levels. Those of the second are opened by pointing or by a button, and are all there without script. */
export function MenuBay({ bay, content: { links, path, folded } }: BayDrawingProps<'menu'>) {
  const texts = useTexts();
  const folds = Object.values(folded).includes('button');
  const listId = folds ? `${bay.id}-menu` : undefined;
  const named = bay.heading.words || texts.store;
  const linked = (words: string, link: string) =>
    link ? (
      <a className="menu-link" href={link} aria-current={link === path ? 'page' : undefined}>
        {words}
      </a>
    ) : (
      <span className="menu-link">{words}</span>
    );
  return (
    <div className="inner">
      <BayHeading heading={bay.heading} />
      <nav aria-label={named}>
        {folds && (
          <button
            className="menu-fold"
            type="button"
            aria-expanded="false"
            aria-controls={listId}
            aria-label={texts.menu}
          >
            <svg viewBox="0 0 24 24" aria-hidden="true">
              <path d="M3 6H21M3 12H21M3 18H21" />
            </svg>
          </button>
        )}
        <ul className="menu" id={listId} role="list">
          {links.map(({ id, words, link, below }) => (
            <li key={id} className="menu-item">
              {linked(words, link)}
              {below.length > 0 && (
                <>
                  <button
                    className="menu-more"
                    type="button"
                    aria-expanded="false"
                    aria-label={texts.moreOf(words)}
                  >
                    <svg viewBox="0 0 16 16" aria-hidden="true">
                      <path d="M4 6 8 10 12 6" />
                    </svg>
                  </button>
                  <ul className="menu-below" role="list">
                    {below.map((one) => (
                      <li key={one.id}>{linked(one.words, one.link)}</li>
                    ))}
                  </ul>
                </>
              )}
            </li>
          ))}
        </ul>
      </nav>
    </div>
  );
}
