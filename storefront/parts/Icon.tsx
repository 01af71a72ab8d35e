import { SmallPicture } from '../SmallPicture.tsx';
import type { PartDrawing } from './partDrawing.ts';

export const drawIcon: PartDrawing<'icon'> = ({ icon }) => (
  <span className="part-icon">
    <SmallPicture picture={icon} alt="" />
  </span>
);
