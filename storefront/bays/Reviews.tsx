import { Stars } from '../parts/Rating.tsx';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

export function ReviewsBay({ bay, content: { rating, says, worded } }: BayDrawingProps<'reviews'>) {
  if (!rating) return null;
  return (
    <div className="inner">
      <BayHeading heading={bay.heading} />
      {/* Said once: by its name where it is drawn alone, by its words where they are there. */}
      <p className="reviews" {...(!worded && { role: 'img', 'aria-label': says })}>
        <Stars mean={rating.mean} />
        {worded && <span>{says}</span>}
      </p>
    </div>
  );
}
