import type { ProductDetail } from '../../core/catalogue/facts.ts';
import { useTexts } from '../texts.ts';
import { Gallery } from '../Gallery.tsx';
import type { NeighbourLink, ProductContent } from '../../core/bays/product.ts';
import type { ProductPartId } from '../../core/bays/productParts.ts';
import type { BayDrawingProps } from './bayDrawing.ts';
import { DRAWN } from './productParts.tsx';

/** The product that a page is about. */
export function ProductBay({ bay, content }: BayDrawingProps<'product'>) {
  return (
    <div className="inner">
      {content.neighbours && <Neighbours {...content.neighbours} />}
      {content.product && <Product id={bay.id} content={content} product={content.product} />}
    </div>
  );
}

/** Ways to the products before and after it; with script, in the list that the shopper came from. */
function Neighbours({ said, href, previous, next }: NonNullable<ProductContent['neighbours']>) {
  const texts = useTexts();
  // Where there is none, the list that the shopper came from may have one.
  const link = (one: NeighbourLink | null, rel: 'prev' | 'next', words: string) => (
    <a rel={rel} href={one?.href} aria-label={one ? `${words}: ${one.title}` : words} hidden={!one}>
      {words}
    </a>
  );
  return (
    <nav className="neighbours" aria-label={texts.neighbours}>
      <a className="from" href={href}>
        {said}
      </a>
      {link(previous, 'prev', texts.previous)}
      {link(next, 'next', texts.next)}
    </nav>
  );
}

/** A product in full: pictures, and beside them what it is told by. No script is needed. */
function Product({ id, content, product }: { id: string; content: ProductContent; product: ProductDetail }) {
  const { pictures, rows } = content;
  const part = (one: ProductPartId) => {
    const Part = DRAWN[one];
    return <Part key={one} content={content} product={product} />;
  };
  return (
    <article className="product" data-product={product.id}>
      {pictures.all.length > 0 && <Gallery id={id} pictures={pictures} title={product.title} />}
      <div className="told">
        {rows.map((row) =>
          row.length === 1 ? (
            part(row[0]!)
          ) : (
            <div key={row[0]} className="told-row">
              {row.map(part)}
            </div>
          ),
        )}
      </div>
    </article>
  );
}
