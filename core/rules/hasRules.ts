import { shelvesIn } from '../view/shelvesIn.ts';
import type { PageView } from '../view/view.ts';

/** Whether own rules hold on a page, without reading them. */
export const hasRules = (view: PageView): boolean =>
  view.rules !== '' || view.bays.some((bay) => shelvesIn(bay).some((shelf) => shelf.rules !== ''));
