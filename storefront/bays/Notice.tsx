import type { BayDrawingProps } from './bayDrawing.ts';

export function NoticeBay({ content: { words, link } }: BayDrawingProps<'notice'>) {
  return (
    <div className="inner">
      <p className="notice">{link ? <a href={link}>{words}</a> : words}</p>
    </div>
  );
}
