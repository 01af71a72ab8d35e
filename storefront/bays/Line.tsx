import type { BayDrawingProps } from './bayDrawing.ts';

export function LineBay({ content: { line } }: BayDrawingProps<'line'>) {
  return (
    <div className="inner">
      <div className="space">{line !== 'none' && <hr />}</div>
    </div>
  );
}
