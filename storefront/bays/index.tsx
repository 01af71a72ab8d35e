import { memo, type ReactNode } from 'react';
import type { ContentView } from '../../core/bays/index.ts';
import type { BayView } from '../../core/view/view.ts';
import { AskBay } from './Ask.tsx';
import { BannerBay } from './Banner.tsx';
import { BasketBay } from './Basket.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';
import { CheckoutBay } from './Checkout.tsx';
import { EntryBay } from './Entry.tsx';
import { JumpBay } from './Jump.tsx';
import { LineBay } from './Line.tsx';
import { LinksBay } from './Links.tsx';
import { NoticeBay } from './Notice.tsx';
import { OrderBay } from './Order.tsx';
import { PictureTextBay } from './PictureText.tsx';
import { ProductBay } from './Product.tsx';
import { ShelfBay } from './Shelf.tsx';

/** How each kind of bay is drawn; one that is missing does not compile. */
const bayDrawings: { [H in ContentView['holds']]: (props: BayDrawingProps<H>) => ReactNode } = {
  shelf: ShelfBay,
  notice: NoticeBay,
  links: LinksBay,
  line: LineBay,
  jump: JumpBay,
  banner: BannerBay,
  pictureText: PictureTextBay,
  product: ProductBay,
  entry: EntryBay,
  basket: BasketBay,
  checkout: CheckoutBay,
  order: OrderBay,
  ask: AskBay,
};

/** One bay; nothing at all where it has nothing to show. */
export const Bay = memo(function Bay({ bay, eager }: { bay: BayView; eager: boolean }) {
  // A place that the shopper's own script may fill; the same for everybody until then.
  if (bay.empty)
    return bay.personal ? <section className="bay" data-bay={bay.id} data-personal="" hidden /> : null;
  const Drawing = bayDrawings[bay.content.holds] as (
    props: BayDrawingProps<ContentView['holds']>,
  ) => ReactNode;
  return (
    <section
      className="bay"
      id={bay.anchor ?? undefined}
      data-bay={bay.id}
      data-personal={bay.personal ? '' : undefined}
      aria-label={bay.heading.words || undefined}
    >
      <Drawing bay={bay} content={bay.content} eager={eager} />
    </section>
  );
});
