import {
  LARGEST_LIST_PICTURE_PX,
  MOST_SPREAD_ITEMS,
  MOST_VISIBLE,
  SMALLEST_LIST_PICTURE_PX,
} from '../../../../core/plan/shelf.ts';
import { Hint, VaryingStepper, VaryingSwitch } from '../lines/controls.tsx';
import type { Section } from './section.ts';

export const visible: Section = {
  of: 'visible',
  Controls: ({ shelf, on, at }) => (
    <>
      <VaryingStepper
        id="visible"
        title="In sight at once"
        on={on}
        value={shelf.visible}
        least={1}
        most={MOST_VISIBLE}
        step={0.1}
        at={at}
      />
      <Hint>A part of one, as in 2.3, lets the edge of the next show that there is more.</Hint>
    </>
  ),
};

export const listPicture: Section = {
  of: 'listPicture',
  Controls: ({ shelf, on, at }) => (
    <VaryingStepper
      id="listPicture"
      title="Width of the picture, px"
      on={on}
      value={shelf.listPicture}
      least={SMALLEST_LIST_PICTURE_PX}
      most={LARGEST_LIST_PICTURE_PX}
      step={10}
      at={at}
    />
  ),
};

export const spread: Section = {
  of: 'spread',
  Controls: ({ shelf, on, at }) => (
    <>
      <VaryingSwitch
        id="spread.facing"
        title="Two pages facing"
        on={on}
        value={shelf.spread.facing}
        at={at}
      />
      <VaryingStepper
        id="spread.items"
        title="Items of a page"
        on={on}
        value={shelf.spread.items}
        least={1}
        most={MOST_SPREAD_ITEMS}
        at={at}
      />
    </>
  ),
};
