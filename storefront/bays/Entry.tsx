import { usePictureSizes } from '../drawnAt.ts';
import { Picture } from '../Picture.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

export function EntryBay({ content: { entry } }: BayDrawingProps<'entry'>) {
  const sizes = usePictureSizes('(min-width: 880px) 760px, 94vw', (pagePx) => Math.min(760, pagePx));
  if (!entry) return null;
  return (
    <article className="inner entry">
      <h1>{entry.title}</h1>
      {entry.picture && <Picture picture={entry.picture} sizes={sizes} eager alt="" />}
      {entry.body.split('\n\n').map((paragraph) => (
        <p key={paragraph}>{paragraph}</p>
      ))}
    </article>
  );
}
