import { BayIcon } from './BayIcon.tsx';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

export function LinksBay({ bay, content: { links } }: BayDrawingProps<'links'>) {
  return (
    <div className="inner">
      <BayHeading heading={bay.heading} />
      <ul className="bay-links" role="list">
        {links.map(({ id, words, link, icon }) => (
          <li key={id}>
            <a className="bay-link" href={link}>
              {icon && <BayIcon icon={icon} />}
              <span>{words}</span>
            </a>
          </li>
        ))}
      </ul>
    </div>
  );
}
