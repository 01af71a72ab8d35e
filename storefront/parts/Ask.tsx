import { ButtonLink } from './Button.tsx';
import type { PartDrawing } from './partDrawing.ts';

export const drawAsk: PartDrawing<'ask'> = ({ href, name, ...says }) => (
  <div className="part-ask">
    <ButtonLink says={says} href={href} name={name} />
  </div>
);
