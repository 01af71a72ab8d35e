import { useEffect, useLayoutEffect, useRef } from 'react';
import type { PageView } from '../../../core/view/view.ts';

/** Lays a bay out no more and leaves it the height that it had, or gives it back its own. */
function hold(bay: HTMLElement, heightPx: number | null): void {
  bay.style.contentVisibility = heightPx === null ? '' : 'hidden';
  bay.style.containIntrinsicHeight = heightPx === null ? '' : `${heightPx}px`;
}

/**
 * While the width of a frame is dragged, only the bays in its sight are laid out at every width on the way; the
 * others keep their heights, and are laid out one after another once the width rests.
 * @param rests whether the width has rested for a moment
 */
export function useOnlyInSight(document: Document | null, rests: boolean, view: PageView): void {
  /** Heights of the bays out of sight, px of the page. */
  const outside = useRef(new Map<HTMLElement, number>());
  const held = useRef(new Set<HTMLElement>());
  useEffect(() => {
    const window = document?.defaultView;
    if (!document || !window || !rests) return undefined;
    let frame = 0;
    let sight: IntersectionObserver | null = null;
    const letGo = () => {
      const [bay] = held.current;
      if (bay) {
        hold(bay, null);
        held.current.delete(bay);
        frame = window.requestAnimationFrame(letGo);
        return;
      }
      outside.current.clear();
      sight = new window.IntersectionObserver((entries) => {
        for (const { target, isIntersecting, boundingClientRect } of entries)
          if (isIntersecting) outside.current.delete(target as HTMLElement);
          else outside.current.set(target as HTMLElement, boundingClientRect.height);
      });
      for (const bay of document.querySelectorAll('[data-bay]')) sight.observe(bay);
    };
    letGo();
    return () => {
      window.cancelAnimationFrame(frame);
      sight?.disconnect();
    };
  }, [document, rests, view]);
  // With the commit that changes the width, before the page is laid out at it.
  useLayoutEffect(() => {
    if (rests) return;
    for (const [bay, heightPx] of outside.current) {
      hold(bay, heightPx);
      held.current.add(bay);
    }
  }, [rests]);
}
