import type { PartDrawing } from './partDrawing.ts';

/** Stars are filled in twentieths; the class is one that the style sheet knows. */
function Stars({ mean }: { mean: number }) {
  const width = Math.round((mean / 5) * 20);
  return (
    <span className="stars" aria-hidden="true">
      ★★★★★<span className={`w${width}`}>★★★★★</span>
    </span>
  );
}

export const drawRating: PartDrawing<'rating'> = ({ mean, count }, { texts }) => (
  <p className="part-rating" role="img" aria-label={texts.rating(mean, count)}>
    <Stars mean={mean} />
    <span aria-hidden="true">{texts.ratingShort(mean, count)}</span>
  </p>
);
