import { STARS } from '../../core/card/stars.ts';
import type { PartDrawing } from './partDrawing.ts';

/** Stars are filled in twentieths; the class is one that the style sheet knows. */
export const Stars = ({ mean }: { mean: number }) => (
  <span className={`stars w${Math.round((mean / STARS) * 20)}`} aria-hidden="true" />
);

export const drawRating: PartDrawing<'rating'> = ({ mean, count, stars, words }, { texts }) => (
  <p className="part-rating" role="img" aria-label={texts.rating(mean, count)}>
    {stars && <Stars mean={mean} />}
    {words && <span aria-hidden="true">{words}</span>}
  </p>
);
