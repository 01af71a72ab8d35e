import { ButtonLink } from './Button.tsx';
import type { PartDrawing } from './partDrawing.ts';

export const drawDetails: PartDrawing<'details'> = ({ href, name, ...says }) => (
  <div className="part-details">
    <ButtonLink says={says} href={href} name={name} />
  </div>
);
