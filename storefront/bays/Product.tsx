import { Label } from '../Label.tsx';
import { SaveForm } from '../SaveForm.tsx';
import type { ProductDetail } from '../../core/catalogue/facts.ts';
import type { ContentView } from '../../core/bays/index.ts';
import { stockWords } from '../../core/catalogue/stockWords.ts';
import { useTexts } from '../texts.ts';
import { Gallery } from '../Gallery.tsx';
import { QuantityField } from '../QuantityField.tsx';
import { SwatchFace } from '../SwatchFace.tsx';
import { Stars } from '../parts/Rating.tsx';
import type { NeighbourLink, ProductContent } from '../../core/bays/product.ts';
import type { BayDrawingProps } from './bayDrawing.ts';

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

/** A product in full: pictures, price, options as links, stock and text. No script is needed. */
function Product({
  id,
  content,
  product,
}: {
  id: string;
  content: Extract<ContentView, { holds: 'product' }>;
  product: ProductDetail;
}) {
  const { price, pictures, options, buying, shows } = content;
  const texts = useTexts();
  return (
    <article className="product" data-product={product.id}>
      {pictures.all.length > 0 && <Gallery id={id} pictures={pictures} title={product.title} />}
      <div className="told">
        {content.labels.length > 0 && (
          <div className="labels">
            {content.labels.map((label) => (
              <Label key={label.id} label={label} />
            ))}
          </div>
        )}
        {shows.brand && product.brand && <p className="maker">{product.brand}</p>}
        <h1>{product.title}</h1>
        {shows.price && price && (
          <p className="cost">
            {price.from && `${price.from} `}
            {price.before === null ? (
              price.now
            ) : (
              <>
                <span className="reduced">{price.now}</span> <s className="before">{price.before}</s>
              </>
            )}
          </p>
        )}
        {shows.rating && product.rating && (
          <p
            className="part-rating"
            role="img"
            aria-label={texts.rating(product.rating.mean, product.rating.count)}
          >
            <Stars mean={product.rating.mean} />
            <span aria-hidden="true">
              {texts.ratingFigure(product.rating.mean)} {texts.ratingCount(product.rating.count)}
            </span>
          </p>
        )}
        {shows.shortText && <p className="lead">{product.shortText}</p>}
        {shows.options && options.length > 0 && (
          <div className="options">
            {options.map((option) => (
              <section key={option.name}>
                <h2>{option.name}</h2>
                <ul role="list">
                  {option.values.map((value) => (
                    <li key={value.href}>
                      <a
                        href={value.href}
                        aria-current={value.chosen ? 'true' : undefined}
                        className={value.available ? undefined : 'off'}
                        aria-label={value.said}
                      >
                        <SwatchFace face={value.face} />
                        {value.name}
                      </a>
                    </li>
                  ))}
                </ul>
              </section>
            ))}
          </div>
        )}
        {shows.stock && <p className={`stock ${product.stock.state}`}>{stockWords(product.stock, texts)}</p>}
        {shows.buying && <Buy buying={buying} product={product} />}
        {shows.save && content.save && <SaveForm {...content.save} />}
        {shows.longText &&
          product.longText.split('\n\n').map((paragraph) => (
            <p className="long" key={paragraph}>
              {paragraph}
            </p>
          ))}
        {shows.fields && (
          <dl className="fields">
            {content.fields.map((field) => (
              <div key={field.name} className="field">
                <dt>{field.name}</dt>
                <dd>{field.words}</dd>
              </div>
            ))}
          </dl>
        )}
        {shows.details && (
          <p className="all">
            <a href={`/product/${product.slug}`}>{texts.allDetails}</a>
          </p>
        )}
      </div>
    </article>
  );
}

/** What can be done to have it: by plain forms and links. */
function Buy({
  buying,
  product: { title, stock },
}: {
  buying: Extract<ContentView, { holds: 'product' }>['buying'];
  product: ProductDetail;
}) {
  const texts = useTexts();
  if (buying.by === 'none') return null;
  if (buying.by === 'quote')
    return (
      <p className="buy">
        <a className="button" href={buying.href}>
          {texts.askQuote}
        </a>
      </p>
    );
  const { variantId, choices, most, href } = buying;
  const canBeHad = variantId === null ? choices.some(({ available }) => available) : stock.state !== 'out';
  return (
    <>
      {canBeHad && (
        <form className="buy" action="/basket" method="post">
          {variantId === null ? (
            <select name="variant" required aria-label={texts.chooseOptions} defaultValue="">
              <option value="">{texts.choose}</option>
              {choices.map((one) => (
                <option key={one.id} value={one.id} disabled={!one.available}>
                  {one.words}
                </option>
              ))}
            </select>
          ) : (
            <input type="hidden" name="variant" value={variantId} />
          )}
          <QuantityField label={texts.quantityOf(title)} most={most} />
          <button className="button">{texts.addToBasket}</button>
        </form>
      )}
      <p>
        <a href={href}>{texts.askAbout}</a>
      </p>
    </>
  );
}
