import { useTexts } from '../texts.ts';
import { Shelf } from '../layouts/Shelf.tsx';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

/**
 * Links to the page with one tab or another open, and what the open one shows. The script of the page makes tabs of
 * them that open where they are.
 */
export function TabsBay({ bay, content: { tabs, open }, eager }: BayDrawingProps<'tabs'>) {
  const { heading } = bay;
  const texts = useTexts();
  if (!open) return null;
  const titleLevel = heading.words ? Math.min(5, heading.level + 1) : 2;
  return (
    <div className="inner" data-tabs="">
      <BayHeading heading={heading} />
      {tabs.length > 1 && (
        <nav aria-label={heading.words || texts.tabs}>
          <ul className="tab-strip" role="list">
            {tabs.map(({ id, name, href, shelf }) => (
              <li key={id}>
                <a
                  className="tab"
                  href={href}
                  data-opens={shelf.id}
                  aria-current={id === open.id ? 'true' : undefined}
                >
                  {name}
                </a>
              </li>
            ))}
          </ul>
        </nav>
      )}
      <div className="tab-panels">
        <div key={open.id} className="tab-panel" dir={open.shelf.direction ?? undefined}>
          <Shelf shelf={open.shelf} name={open.name} eager={eager} titleLevel={titleLevel} />
        </div>
      </div>
    </div>
  );
}
