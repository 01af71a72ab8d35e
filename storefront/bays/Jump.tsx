import type { BayDrawingProps } from './bayDrawing.ts';

export function JumpBay({ content: { words, to, ms } }: BayDrawingProps<'jump'>) {
  if (to === null) return null;
  return (
    <div className="inner">
      <p className="jump">
        <a className="button" href={`#${to}`} data-jump={ms}>
          {words}
        </a>
      </p>
    </div>
  );
}
