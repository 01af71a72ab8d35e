import type { PartDrawing } from './partDrawing.ts';
import { ratingFigures, ratingWords } from './ratingWords.ts';

/** Stars are filled in twentieths; the class is one that the style sheet knows. */
function Stars({ mean }: { mean: number }) {
  const width = Math.round((mean / 5) * 20);
  return (
    <span className="stars" aria-hidden="true">
      ★★★★★<span className={`w${width}`}>★★★★★</span>
    </span>
  );
}

export const drawRating: PartDrawing<'rating'> = (rating) => (
  <p className="part-rating" role="img" aria-label={ratingWords(rating)}>
    <Stars mean={rating.mean} />
    <span aria-hidden="true">{ratingFigures(rating)}</span>
  </p>
);
