import { memo, type ReactNode } from 'react';
import type { ContentView } from '../../core/bays/index.ts';
import { allBays } from '../../core/view/allBays.ts';
import type { BayView, PageView } from '../../core/view/view.ts';
import { AskBay } from './Ask.tsx';
import { BannerBay } from './Banner.tsx';
import { BannersBay } from './Banners.tsx';
import { BasketBay } from './Basket.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';
import { ContactBay } from './Contact.tsx';
import { CheckoutBay } from './Checkout.tsx';
import { EntryBay } from './Entry.tsx';
import { JumpBay } from './Jump.tsx';
import { LineBay } from './Line.tsx';
import { LinksBay } from './Links.tsx';
import { MenuBay } from './Menu.tsx';
import { NoticeBay } from './Notice.tsx';
import { OrderBay } from './Order.tsx';
import { OrdersBay } from './Orders.tsx';
import { OwnLinksBay } from './OwnLinks.tsx';
import { PictureTextBay } from './PictureText.tsx';
import { ProductBay } from './Product.tsx';
import { ReviewsBay } from './Reviews.tsx';
import { SearchBay } from './Search.tsx';
import { ShelfBay } from './Shelf.tsx';
import { StoreNameBay } from './StoreName.tsx';
import { TabsBay } from './Tabs.tsx';
import { WordsBay } from './Words.tsx';
import { bannerCss } from '../styles/bays/banner.ts';
import { bannersCss } from '../styles/bays/banners.ts';
import { basketCss } from '../styles/bays/basket.ts';
import { checkoutCss } from '../styles/bays/checkout.ts';
import { entryCss } from '../styles/bays/entry.ts';
import { formsCss } from '../styles/bays/forms.ts';
import { jumpCss } from '../styles/bays/jump.ts';
import { lineCss } from '../styles/bays/line.ts';
import { linksCss } from '../styles/bays/links.ts';
import { menuCss } from '../styles/bays/menu.ts';
import { noticeCss } from '../styles/bays/notice.ts';
import { orderCss } from '../styles/bays/order.ts';
import { orderLinesCss } from '../styles/bays/orderLines.ts';
import { pictureTextCss } from '../styles/bays/pictureText.ts';
import { reviewsCss } from '../styles/bays/reviews.ts';
import { starsCss } from '../styles/stars.ts';
import { searchCss } from '../styles/bays/search.ts';
import { swatchesCss } from '../styles/swatches.ts';
import { productCss } from '../styles/bays/product.ts';
import { tabsCss } from '../styles/bays/tabs.ts';
import { wordsCss } from '../styles/bays/words.ts';

interface DrawnBay<H extends ContentView['holds']> {
  Drawing(props: BayDrawingProps<H>): ReactNode;
  /** Rules that a page with it needs besides those of every page; those that kinds share are written once. */
  css: readonly string[];
}

/** How each kind of bay is drawn; one that is missing does not compile. */
const bayDrawings: { [H in ContentView['holds']]: DrawnBay<H> } = {
  shelf: { Drawing: ShelfBay, css: [] },
  tabs: { Drawing: TabsBay, css: [tabsCss] },
  notice: { Drawing: NoticeBay, css: [noticeCss] },
  banner: { Drawing: BannerBay, css: [bannerCss] },
  banners: { Drawing: BannersBay, css: [bannerCss, bannersCss] },
  pictureText: { Drawing: PictureTextBay, css: [pictureTextCss] },
  words: { Drawing: WordsBay, css: [wordsCss] },
  product: { Drawing: ProductBay, css: [wordsCss, productCss, swatchesCss, starsCss] },
  entry: { Drawing: EntryBay, css: [wordsCss, entryCss] },
  basket: { Drawing: BasketBay, css: [formsCss, basketCss] },
  checkout: { Drawing: CheckoutBay, css: [formsCss, checkoutCss] },
  order: { Drawing: OrderBay, css: [formsCss, orderCss] },
  orders: { Drawing: OrdersBay, css: [orderLinesCss] },
  ask: { Drawing: AskBay, css: [formsCss] },
  search: { Drawing: SearchBay, css: [searchCss] },
  reviews: { Drawing: ReviewsBay, css: [starsCss, reviewsCss] },
  contact: { Drawing: ContactBay, css: [formsCss] },
  links: { Drawing: LinksBay, css: [linksCss] },
  line: { Drawing: LineBay, css: [lineCss] },
  jump: { Drawing: JumpBay, css: [jumpCss] },
  storeName: { Drawing: StoreNameBay, css: [] },
  menu: { Drawing: MenuBay, css: [menuCss] },
  ownLinks: { Drawing: OwnLinksBay, css: [] },
};

const sheets = (kinds: readonly ContentView['holds'][]): string =>
  [...new Set(kinds.flatMap((kind) => bayDrawings[kind].css))].join('');

/** Rules of all kinds of bay, for what may come to hold any of them. */
export const allBaysCss: string = sheets(Object.keys(bayDrawings) as ContentView['holds'][]);

/** Rules of the kinds of bay that a page has. */
export const baysCss = (view: Pick<PageView, 'bays' | 'head' | 'foot'>): string =>
  sheets(
    allBays(view)
      .filter(({ empty }) => !empty)
      .map(({ content }) => content.holds),
  );

/** One bay; nothing at all where it has nothing to show. */
export const Bay = memo(function Bay({ bay, eager }: { bay: BayView; eager: boolean }) {
  // A place that the shopper's own script may fill; the same for everybody until then.
  if (bay.empty)
    return bay.personal ? <section className="bay" data-bay={bay.id} data-personal="" hidden /> : null;
  const Drawing = bayDrawings[bay.content.holds].Drawing as (
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
