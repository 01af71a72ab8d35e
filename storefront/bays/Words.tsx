import { Blocks } from '../RichText.tsx';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

export function WordsBay({ bay, content: { body } }: BayDrawingProps<'words'>) {
  return (
    <div className="inner">
      <BayHeading heading={bay.heading} />
      <div className="rich">
        <Blocks blocks={body} />
      </div>
    </div>
  );
}
