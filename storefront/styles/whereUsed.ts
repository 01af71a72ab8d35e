import { layoutKind } from '../../core/layouts/index.ts';
import { bayKind } from '../../core/bays/index.ts';
import { allBays } from '../../core/view/allBays.ts';
import { asksToRemember } from '../../core/view/asksToRemember.ts';
import { shelvesOn } from '../../core/view/shelvesIn.ts';
import type { PageView, ShelfView } from '../../core/view/view.ts';
import { consentCss } from './consent.ts';
import { flickCss } from './flick.ts';
import { headingCss } from './heading.ts';
import { movingCss } from './moving.ts';
import { noneCss } from './none.ts';
import { pagerCss } from './pager.ts';
import { pauseCss } from './pause.ts';
import { secondCss } from './second.ts';
import { starsCss } from './stars.ts';
import { swatchesCss } from './swatches.ts';
import { tableCss } from './table.ts';
import { toolsCss } from './tools.ts';

/** Of every shelf: those of closed tabs and of a shopper's own come later. */
const onShelf =
  (draws: (shelf: ShelfView) => boolean) =>
  (view: PageView): boolean =>
    shelvesOn(view).some(({ shelf }) => draws(shelf));

/** Of every bay that shows what it holds by turns. */
const onMovingBay =
  (draws: (moving: { plays: boolean }) => boolean) =>
  (view: PageView): boolean =>
    allBays(view).some(({ content, empty }) => {
      const moving = empty ? null : bayKind(content.holds).moving?.(content);
      return moving ? draws(moving) : false;
    });

const either =
  (...some: readonly ((view: PageView) => boolean)[]) =>
  (view: PageView): boolean =>
    some.some((one) => one(view));

const hasPart = (part: string) => onShelf(({ says }) => says.includes(part));

/** Rules that a page needs only where it can come to draw what they are for. */
const sheets: readonly { css: string; isFor(view: PageView): boolean }[] = [
  { css: headingCss, isFor: ({ trail, firstHeading }) => trail.length > 0 || firstHeading !== null },
  { css: noneCss, isFor: ({ none }) => none !== null },
  {
    css: swatchesCss,
    isFor: (view) =>
      hasPart('swatches')(view) ||
      onShelf(({ tools }) => tools?.filters.some(({ drawn }) => drawn === 'swatches') ?? false)(view),
  },
  { css: starsCss, isFor: hasPart('rating') },
  { css: secondCss, isFor: onShelf(({ card }) => card.parts.picture.second) },
  // Whatever can move: how much a shopper's own shelf holds is not known yet. Before what pauses it.
  {
    css: movingCss,
    isFor: either(
      onShelf(({ layouts }) => layouts.some((id) => layoutKind(id).moves)),
      onMovingBay(() => true),
    ),
  },
  {
    css: pauseCss,
    isFor: either(
      onShelf(({ moving }) => moving.play),
      onMovingBay(({ plays }) => plays),
    ),
  },
  { css: flickCss, isFor: onShelf(({ card }) => card.parts.picture.several > 1) },
  { css: consentCss, isFor: asksToRemember },
  { css: tableCss, isFor: onShelf(({ table }) => table !== null) },
  { css: toolsCss, isFor: onShelf(({ tools }) => tools !== null) },
  { css: pagerCss, isFor: onShelf(({ paging }) => paging.by !== 'none') },
];

/** All of them, for what may come to draw anything. */
export const allUsedCss: string = sheets.map(({ css }) => css).join('');

/** Those that a page needs. */
export const usedCss = (view: PageView): string =>
  sheets
    .filter(({ isFor }) => isFor(view))
    .map(({ css }) => css)
    .join('');
