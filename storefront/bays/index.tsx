import { memo, type ReactNode } from 'react';
import type { BayView, ContentView } from '../../core/view/view.ts';
import { usePictureSizes } from '../drawnAt.ts';
import { Shelf } from '../forms/Shelf.tsx';
import { Picture } from '../Picture.tsx';
import { Product } from './Product.tsx';

interface BayProps<H extends ContentView['holds']> {
  bay: BayView;
  content: Extract<ContentView, { holds: H }>;
  /** First of the page to carry pictures. */
  eager: boolean;
}

function ShelfBay({ bay, content: { shelf }, eager }: BayProps<'shelf'>) {
  const { heading } = bay;
  const Heading = `h${heading.level}` as 'h1';
  const titleLevel = heading.words ? Math.min(5, heading.level + 1) : 2;
  return (
    <div className="inner">
      {heading.words && <Heading className={`bay-heading align-${heading.align}`}>{heading.words}</Heading>}
      <Shelf shelf={shelf} name={heading.words || 'this list'} eager={eager} titleLevel={titleLevel} />
    </div>
  );
}

function NoticeBay({ content: { words, link } }: BayProps<'notice'>) {
  return (
    <div className="inner">
      <p className="notice">{link ? <a href={link}>{words}</a> : words}</p>
    </div>
  );
}

function BannerBay({ content }: BayProps<'banner'>) {
  const { title, words, button, link, picture } = content;
  const sizes = usePictureSizes('100vw', (pagePx) => pagePx);
  return (
    <div className="banner">
      {picture && <Picture picture={picture} sizes={sizes} eager alt="" />}
      <div className="over">
        {title && <h1>{title}</h1>}
        {words && <p>{words}</p>}
        {button && link && (
          <a className="button" href={link}>
            {button}
          </a>
        )}
      </div>
    </div>
  );
}

function ProductBay({ content }: BayProps<'product'>) {
  return (
    <div className="inner">{content.product && <Product content={content} product={content.product} />}</div>
  );
}

function EntryBay({ content: { entry } }: BayProps<'entry'>) {
  const sizes = usePictureSizes('(min-width: 880px) 760px, 94vw', (pagePx) => Math.min(760, pagePx));
  if (!entry) return null;
  return (
    <article className="inner entry">
      <h1>{entry.title}</h1>
      {entry.picture && <Picture picture={entry.picture} sizes={sizes} eager alt="" />}
      {entry.body.split('\n\n').map((paragraph) => (
        <p key={paragraph}>{paragraph}</p>
      ))}
    </article>
  );
}

const bayDrawings: { [H in ContentView['holds']]: (props: BayProps<H>) => ReactNode } = {
  shelf: ShelfBay,
  notice: NoticeBay,
  banner: BannerBay,
  product: ProductBay,
  entry: EntryBay,
};

/** One bay; nothing at all where it has nothing to show. */
export const Bay = memo(function Bay({ bay, eager }: { bay: BayView; eager: boolean }) {
  // A place that the shopper's own script may fill; the same for everybody until then.
  if (bay.empty)
    return bay.personal ? <section className="bay" data-bay={bay.id} data-personal="" hidden /> : null;
  const Drawing = bayDrawings[bay.content.holds] as (props: BayProps<ContentView['holds']>) => ReactNode;
  return (
    <section
      className="bay"
      data-bay={bay.id}
      data-personal={bay.personal ? '' : undefined}
      aria-label={bay.heading.words || undefined}
    >
      <Drawing bay={bay} content={bay.content} eager={eager} />
    </section>
  );
});
