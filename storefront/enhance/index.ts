/** The script of public pages. Every page works without it. */
import { keepBasket } from './basket.ts';
import { followList, rememberList } from './cameFrom.ts';
import { followLookedAt } from './lookedAt.ts';
import { keepMenus } from './menu.ts';
import { keep, kept } from './memory.ts';
import { keepMoving } from './moving.ts';
import { keepQuick } from './quick.ts';
import { keepSearches } from './searchField.ts';
import { keepSteps } from './steps.ts';
import { keepSwatches } from './swatches.ts';
import { trackMover } from './trackMover.ts';

const memoryOf = (shelf: string) => ({
  read: () => kept().moved?.[shelf],
  keep: (card: number) => keep({ moved: { ...kept().moved, [shelf]: card } }),
});

let flicks: Promise<unknown> | undefined;
const flick = () => (flicks ??= import('./flick.ts').then(({ keepFlick }) => keepFlick(document)));

const enhance = (within: ParentNode) => {
  for (const shelf of within.querySelectorAll<HTMLElement>('[data-moving]'))
    keepMoving(
      shelf,
      trackMover,
      memoryOf(shelf.dataset.shelf ?? shelf.closest<HTMLElement>('[data-bay]')!.dataset.bay!),
    );
  const growing = within.querySelectorAll<HTMLElement>('[data-shelf]:has(>.pagers>.pager.more)');
  if (growing.length > 0) void import('./more.ts').then(({ keepGrowing }) => growing.forEach(keepGrowing));
  if (within.querySelector('.flick')) void flick();
  if (within.querySelector('.tab-strip'))
    void import('./tabs.ts').then(({ keepTabs }) => keepTabs(within, enhance));
};

enhance(document);
followLookedAt(enhance);
keepSwatches(document);
if (document.querySelector('.gallery'))
  void import('./gallery.ts').then(({ keepGalleries }) => keepGalleries(document));
if (document.querySelector('.product .options'))
  void import('./variant.ts').then(({ keepVariants }) => keepVariants());
if (document.querySelector('[data-close]'))
  void import('./notice.ts').then(({ keepNotices }) => keepNotices(document));
if (document.querySelector('[data-listing]'))
  void import('./listing.ts').then(({ keepListings }) => keepListings(enhance));
keepSearches();
keepSteps();
rememberList();
const neighbours = document.querySelector<HTMLElement>('.neighbours');
if (neighbours) followList(neighbours);
if (document.querySelector('[data-jump]'))
  void import('./jump.ts').then(({ keepJumps }) => keepJumps(document));
if (document.querySelector('.menu-more,.menu-fold')) keepMenus(document);
if (document.querySelector('[data-quick]')) keepQuick();
if (document.querySelector('[data-basket-count]')) keepBasket();
if (document.querySelector('[data-save],[data-saved-count]'))
  void import('./saved.ts').then(({ keepSaved }) => keepSaved());
