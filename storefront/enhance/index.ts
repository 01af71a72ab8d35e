/** The script of public pages. Every page works without it. */
import { followLookedAt } from './lookedAt.ts';
import { keepGrowing } from './more.ts';
import { keepMoving } from './moving.ts';
import { trackMover } from './trackMover.ts';

const enhance = (within: ParentNode) => {
  for (const shelf of within.querySelectorAll<HTMLElement>('[data-moving]')) keepMoving(shelf, trackMover);
  for (const shelf of within.querySelectorAll<HTMLElement>('[data-shelf]:has(>.pager.more)'))
    keepGrowing(shelf);
};

enhance(document);
followLookedAt(enhance);
