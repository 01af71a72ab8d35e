import type { ReactNode } from 'react';
import type { PartView } from '../../core/card/parts/index.ts';
import { drawAsk } from './Ask.tsx';
import { drawBasket } from './Basket.tsx';
import { drawDetails } from './Details.tsx';
import { drawIcon } from './Icon.tsx';
import { drawLine } from './Line.tsx';
import type { PartContext, PartDrawing } from './partDrawing.ts';
import { drawPicture } from './Picture.tsx';
import { drawPrice } from './Price.tsx';
import { drawQuantity } from './Quantity.tsx';
import { drawQuick } from './Quick.tsx';
import { drawRating } from './Rating.tsx';
import { drawSave } from './Save.tsx';
import { drawSwatches } from './Swatches.tsx';
import { drawTitle } from './Title.tsx';

/** How each part is drawn; core/card/parts says what it says. One that is missing does not compile. */
const partDrawings: { [P in PartView['part']]: PartDrawing<P> } = {
  picture: drawPicture,
  title: drawTitle,
  brand: drawLine,
  category: drawLine,
  kind: drawLine,
  stock: drawLine,
  code: drawLine,
  description: drawLine,
  price: drawPrice,
  rating: drawRating,
  swatches: drawSwatches,
  count: drawLine,
  sold: drawLine,
  field: drawLine,
  field2: drawLine,
  field3: drawLine,
  field4: drawLine,
  author: drawLine,
  date: drawLine,
  extraLine: drawLine,
  icon: drawIcon,
  quantity: drawQuantity,
  basket: drawBasket,
  quick: drawQuick,
  save: drawSave,
  ask: drawAsk,
  details: drawDetails,
};

export const drawPart = (view: PartView, context: PartContext): ReactNode =>
  (partDrawings[view.part] as PartDrawing<PartView['part']>)(view, context);
