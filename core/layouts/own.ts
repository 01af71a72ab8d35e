import { carouselSettings } from './carousel.ts';
import { listSettings } from './list.ts';
import { sliderSettings } from './slider.ts';
import { spreadSettings } from './spread.ts';
import { tableSettings } from '../table/tableSettings.ts';

/** Settings that belong to one layout alone, by the line of the spec that they are on; held equal by a test. */
export const layoutOwn = {
  layout: { slider: sliderSettings.layout, table: tableSettings.layout },
  columns: {
    carousel: carouselSettings.columns,
    list: listSettings.columns,
    spread: spreadSettings.columns,
    table: tableSettings.columns,
  },
};
