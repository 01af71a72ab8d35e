import type { Heading } from '../../core/plan/bay.ts';

/** The heading over what a bay holds; nothing without words. */
export function BayHeading({ heading: { words, level, align } }: { heading: Heading }) {
  const Heading = `h${level}` as 'h1';
  return words ? <Heading className={`bay-heading align-${align}`}>{words}</Heading> : null;
}
