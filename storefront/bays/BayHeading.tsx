import type { Heading } from '../../core/plan/bay.ts';

/** The heading over what a bay holds; nothing without words. */
export function BayHeading({ heading: { words, level, align, shown } }: { heading: Heading }) {
  const Heading = `h${level}` as 'h1';
  return words ? (
    <Heading className={shown ? `bay-heading align-${align}` : 'unseen'}>{words}</Heading>
  ) : null;
}
