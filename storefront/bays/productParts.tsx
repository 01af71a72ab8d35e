import type { ComponentType } from 'react';
import type { ProductContent } from '../../core/bays/product.ts';
import type { ProductPartId } from '../../core/bays/productParts.ts';
import type { ProductDetail } from '../../core/catalogue/facts.ts';
import { stockWords } from '../../core/catalogue/stockWords.ts';
import { Blocks } from '../RichText.tsx';
import { Label } from '../Label.tsx';
import { QuantityField } from '../QuantityField.tsx';
import { SaveForm } from '../SaveForm.tsx';
import { SwatchFace } from '../SwatchFace.tsx';
import { Stars } from '../parts/Rating.tsx';
import { useTexts } from '../texts.ts';

interface PartProps {
  content: ProductContent;
  product: ProductDetail;
}

/** How each part of a product is drawn, where there is something to show of it. */
export const DRAWN: Readonly<Record<ProductPartId, ComponentType<PartProps>>> = {
  brand: ({ product }) => <p className="maker">{product.brand}</p>,
  title: ({ product }) => <h1>{product.title}</h1>,
  rating: Rating,
  price: Price,
  labels: ({ content }) => (
    <div className="labels">
      {content.labels.map((label) => (
        <Label key={label.id} label={label} />
      ))}
    </div>
  ),
  shortText: ({ product }) => <p className="lead">{product.shortText}</p>,
  options: Options,
  stock: Stock,
  buying: Buy,
  save: ({ content }) => content.save && <SaveForm {...content.save} />,
  ask: Ask,
  longText: ({ content }) => (
    <div className="long rich">
      <Blocks blocks={content.longText} />
    </div>
  ),
  fields: Fields,
  details: Details,
};

function Price({ content: { price } }: PartProps) {
  if (!price) return null;
  return (
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
  );
}

function Rating({ product: { rating } }: PartProps) {
  const texts = useTexts();
  if (!rating) return null;
  return (
    <p className="part-rating" role="img" aria-label={texts.rating(rating.mean, rating.count)}>
      <Stars mean={rating.mean} />
      <span aria-hidden="true">
        {texts.ratingFigure(rating.mean)} {texts.ratingCount(rating.count)}
      </span>
    </p>
  );
}

/** Values as links: each leads to the product as it is with that one. */
function Options({ content: { options } }: PartProps) {
  return (
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
  );
}

function Stock({ product: { stock } }: PartProps) {
  return <p className={`stock ${stock.state}`}>{stockWords(stock, useTexts())}</p>;
}

/** What can be done to have it: by a plain form, or a link. */
function Buy({ content: { buying }, product: { title } }: PartProps) {
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
  const { variantId, choices, most } = buying;
  return (
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
      <QuantityField label={texts.quantityOf(title)} most={most} steps />
      <button className="button">{texts.addToBasket}</button>
    </form>
  );
}

function Ask({ content: { buying } }: PartProps) {
  const texts = useTexts();
  if (buying.by !== 'basket') return null;
  return (
    <p className="ask">
      <a href={buying.href}>{texts.askAbout}</a>
    </p>
  );
}

function Fields({ content: { fields } }: PartProps) {
  return (
    <dl className="fields">
      {fields.map((field) => (
        <div key={field.name} className="field">
          <dt>{field.name}</dt>
          <dd>{field.words}</dd>
        </div>
      ))}
    </dl>
  );
}

function Details({ product: { slug } }: PartProps) {
  return (
    <p className="all">
      <a href={`/product/${slug}`}>{useTexts().allDetails}</a>
    </p>
  );
}
