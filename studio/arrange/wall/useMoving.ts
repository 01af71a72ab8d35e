import { useEffect, useRef } from 'react';
import { bayKind } from '../../../core/bays/index.ts';
import { allBays } from '../../../core/view/allBays.ts';
import { shelvesOn } from '../../../core/view/shelvesIn.ts';
import type { PageView } from '../../../core/view/view.ts';
import { keepFlick } from '../../../storefront/enhance/flick.ts';
import { keepMoving } from '../../../storefront/enhance/moving.ts';
import { keepSwatches } from '../../../storefront/enhance/swatches.ts';
import { scrollMover } from '../../../storefront/enhance/scrollMover.ts';
import { holdAt, useTurnedTo } from './turnedTo.ts';

/** What moves on a page: where it is drawn, and what it is drawn from. */
const movingOn = (view: PageView): { selector: string; from: object }[] => [
  ...shelvesOn(view)
    .filter(({ shelf }) => shelf.steps.some((step) => step.moves))
    .map(({ shelf }) => ({ selector: `[data-shelf="${CSS.escape(shelf.id)}"]`, from: shelf })),
  ...allBays(view)
    .filter(({ content, empty }) => !empty && bayKind(content.holds).moving?.(content))
    .map(({ id, content }) => ({
      selector: `[data-bay="${CSS.escape(id)}"] [data-moving]`,
      from: content,
    })),
];

/** Sets what moves on a page in motion, by the script of the public page, and again where it has changed. */
export function useMoving(document: Document | null, view: PageView): void {
  useEffect(() => {
    if (!document) return undefined;
    const ends = [keepSwatches(document, false), keepFlick(document)];
    return () => ends.forEach((end) => end());
  }, [document]);
  const moving = useRef(new Map<Element, { from: object; end(): void }>());
  useEffect(() => {
    if (!document) return undefined;
    const follow = () => {
      const found = new Map<Element, object>();
      for (const { selector, from } of movingOn(view)) {
        const element = document.querySelector(selector);
        if (element) found.set(element, from);
      }
      moving.current.forEach(({ from, end }, element) => {
        if (found.get(element) === from) return;
        end();
        moving.current.delete(element);
      });
      for (const [element, from] of found)
        if (!moving.current.has(element))
          moving.current.set(element, { from, end: keepMoving(element as HTMLElement, scrollMover) });
    };
    // After the change has been painted, since setting in motion measures, and would hold the paint up.
    let timer = 0;
    const frame = requestAnimationFrame(() => (timer = window.setTimeout(follow)));
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [document, view]);
  const turned = useTurnedTo((state) => state.turned);
  useEffect(() => {
    if (!document || !turned) return undefined;
    let letGo: (() => void) | undefined;
    // Once what has changed is drawn.
    const frame = requestAnimationFrame(() => (letGo = holdAt(document, turned)));
    return () => {
      cancelAnimationFrame(frame);
      letGo?.();
    };
  }, [document, turned, view]);
  useEffect(() => {
    const all = moving.current;
    return () => {
      all.forEach(({ end }) => end());
      all.clear();
    };
  }, [document]);
}
