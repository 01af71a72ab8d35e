const tenth = (value: number) => (Math.round(value * 10) / 10).toFixed(1);

/** "3.0 out of 5 (4 reviews)". */
export const ratingWords = ({ mean, count }: { mean: number; count: number }): string =>
  `${tenth(mean)} out of 5 (${count} ${count === 1 ? 'review' : 'reviews'})`;

/** "3.0 (4)", where stars stand beside it. */
export const ratingFigures = ({ mean, count }: { mean: number; count: number }): string =>
  `${tenth(mean)} (${count})`;
