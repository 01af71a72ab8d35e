import { Picture } from '../Picture.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

export function StoreNameBay({ content: { words, picture, sizes } }: BayDrawingProps<'storeName'>) {
  return (
    <div className="inner">
      <a className="store-name" href="/">
        {picture ? <Picture picture={picture} sizes={sizes} eager alt={words} /> : words}
      </a>
    </div>
  );
}
