/** A part that is one text. */
export const drawLine = ({ part, text }: { part: string; text: string }) => (
  <p className={`part-${part}`}>{text}</p>
);
