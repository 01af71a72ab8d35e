import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';

export function NoticeBay({ content: { words, link, closes } }: BayDrawingProps<'notice'>) {
  const texts = useTexts();
  return (
    <div className="inner">
      <p className="notice">{link ? <a href={link}>{words}</a> : words}</p>
      {closes !== null && (
        <button className="close" type="button" data-close={closes} aria-label={texts.closeNotice}>
          <svg viewBox="0 0 16 16" aria-hidden="true">
            <path d="M3 3 13 13M13 3 3 13" />
          </svg>
        </button>
      )}
    </div>
  );
}
