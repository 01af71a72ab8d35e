import { useEffect, useState } from 'react';
import { DRAWN_ROWS } from '../../../core/card/zones.ts';

/** A grid over the drawing of a card of which the first rows are its picture and the last its texts, as style. */
export interface CardPlaces {
  gridTemplate: string;
  paddingTop: string;
  paddingLeft: string;
  paddingRight: string;
  paddingBottom: string;
}

/** Less than this cannot be pressed, px. */
const LEAST_PX = 12;

const percent = (share: number) => `${Math.round(share * 10_000) / 100}%`;

/** Where picture and texts of the one card are that is drawn in a document; null until they are known. */
export function useCardPlaces(page: Document | null): CardPlaces | null {
  const [places, setPlaces] = useState<CardPlaces | null>(null);
  useEffect(() => {
    const view = page?.defaultView;
    if (!page || !view) return undefined;
    const measure = () => {
      const picture = page.querySelector('.part-picture:not(.bare)')?.getBoundingClientRect();
      const texts = page.querySelector('.texts:not(.lead)')?.getBoundingClientRect();
      if (!picture || !texts) return setPlaces(null);
      const [widthPx, heightPx] = [view.innerWidth, view.innerHeight];
      // Texts may stand over the picture; then the places are drawn apart.
      const textPx = Math.max(0, Math.max(texts.bottom, picture.bottom) - picture.bottom);
      if (textPx < LEAST_PX) return setPlaces(null);
      const all = DRAWN_ROWS.reduce((sum, one) => sum + one, 0);
      const rows = [...DRAWN_ROWS.map((one) => (one / all) * picture.height), textPx];
      setPlaces({
        gridTemplate: `${rows.map((px) => `minmax(0, ${px}fr)`).join(' ')} / repeat(3, minmax(0, 1fr))`,
        paddingTop: percent(picture.top / widthPx),
        paddingLeft: percent(picture.left / widthPx),
        paddingRight: percent((widthPx - picture.right) / widthPx),
        paddingBottom: percent((heightPx - picture.bottom - textPx) / widthPx),
      });
    };
    const observer = new view.ResizeObserver(measure);
    for (const element of page.querySelectorAll('.card, .part-picture, .texts')) observer.observe(element);
    measure();
    return () => observer.disconnect();
  }, [page]);
  return page ? places : null;
}
