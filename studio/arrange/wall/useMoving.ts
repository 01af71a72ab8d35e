import { useEffect, useRef } from 'react';
import { shelvesOn } from '../../../core/view/shelvesIn.ts';
import type { PageView, ShelfView } from '../../../core/view/view.ts';
import { keepFlick } from '../../../storefront/enhance/flick.ts';
import { keepMoving } from '../../../storefront/enhance/moving.ts';
import { keepSwatches } from '../../../storefront/enhance/swatches.ts';
import { scrollMover } from '../../../storefront/enhance/scrollMover.ts';

/** Sets what moves on a page in motion, by the script of the public page, and again where it has changed. */
export function useMoving(document: Document | null, view: PageView): void {
  useEffect(() => {
    if (!document) return undefined;
    const ends = [keepSwatches(document, false), keepFlick(document)];
    return () => ends.forEach((end) => end());
  }, [document]);
  const moving = useRef(new Map<Element, { shelf: ShelfView; end(): void }>());
  useEffect(() => {
    if (!document) return undefined;
    const follow = () => {
      const found = new Map<Element, ShelfView>();
      for (const { shelf } of shelvesOn(view)) {
        if (!shelf.steps.some((step) => step.moves)) continue;
        const element = document.querySelector(`[data-shelf="${CSS.escape(shelf.id)}"]`);
        if (element) found.set(element, shelf);
      }
      moving.current.forEach(({ shelf, end }, element) => {
        if (found.get(element) === shelf) return;
        end();
        moving.current.delete(element);
      });
      for (const [element, shelf] of found)
        if (!moving.current.has(element))
          moving.current.set(element, { shelf, end: keepMoving(element as HTMLElement, scrollMover) });
    };
    // After the change has been painted, since setting in motion measures, and would hold the paint up.
    let timer = 0;
    const frame = requestAnimationFrame(() => (timer = window.setTimeout(follow)));
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [document, view]);
  useEffect(() => {
    const all = moving.current;
    return () => {
      all.forEach(({ end }) => end());
      all.clear();
    };
  }, [document]);
}
