import { Shelf } from '../layouts/Shelf.tsx';
import { useTexts } from '../texts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';

export function ShelfBay({ bay, content: { shelf }, eager }: BayDrawingProps<'shelf'>) {
  const { heading } = bay;
  const texts = useTexts();
  const Heading = `h${heading.level}` as 'h1';
  const titleLevel = heading.words ? Math.min(5, heading.level + 1) : 2;
  if (!shelf) return null;
  return (
    <div className="inner" dir={shelf.direction ?? undefined}>
      {heading.words && <Heading className={`bay-heading align-${heading.align}`}>{heading.words}</Heading>}
      <Shelf shelf={shelf} name={heading.words || texts.thisList} eager={eager} titleLevel={titleLevel} />
    </div>
  );
}
