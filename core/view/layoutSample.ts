import type { Item } from '../card/item.ts';
import { cardStoreOf } from './cardStoreOf.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import type { Box } from '../layouts/layoutKind.ts';
import { layoutKind, type LayoutId } from '../layouts/index.ts';
import { firstBands } from '../plan/firstBands.ts';
import { emptyPlan } from '../plan/documents.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { columnsFor } from './columnsFor.ts';
import { shelfMeasure } from './shelfMeasure.ts';
import { shelfView } from './shelfView.ts';

/** Heights of the sample's pictures to their width of 600: uneven, so that a layout shows what it makes of that. */
const HEIGHTS = [600, 780, 450, 640, 840, 520, 700, 600, 480, 760, 560, 660];

const items = HEIGHTS.map((height, i): Item => {
  const picture: PictureFacts = {
    id: `sample-${i}`,
    file: `sample-${i}`,
    alt: '',
    width: 600,
    height,
    focal: { x: 0.5, y: 0.5 },
    dominant: '#888888',
    seeThrough: false,
    placeholder: '',
  };
  return { of: 'pictures', loose: { id: i, picture, words: '', link: '' } };
});

/** Region that a sample is laid out in, px. */
const REGION_PX = 960;

export interface LayoutSample {
  /** Width of the window that the items are in, px; what stands past it is out of sight. */
  widthPx: number;
  /** Where the items stand, and how much of each is its picture, px. */
  boxes: readonly (Box & { pictureWidth: number })[];
}

const samples = new Map<LayoutId, LayoutSample>();

const first = firstBands[0]!.id;

function made(layout: LayoutId): LayoutSample {
  const plan = completePlan({
    ...emptyPlan,
    house: { bands: [...firstBands] },
    shelves: {
      sample: {
        id: 'sample',
        layout: { [first]: layout },
        assortment: { of: 'pictures' },
      },
    },
  });
  const { bands } = plan.house;
  const view = shelfView(
    columnsFor(plan.shelves.sample!, 'pictures'),
    'pictures',
    { total: items.length, own: items.length, start: 0, items },
    null,
    {
      bands,
      pageStyle: plan.house.style,
      style: plan.shelves.sample!.style,
      room: { marginPx: { [first]: 0 }, takenPx: { [first]: 0 }, mostPx: { [first]: null } },
      store: cardStoreOf(plan.house, 0),
      from: 0,
      hrefFrom: () => '',
      sort: null,
      hrefSorted: null,
      tools: null,
    },
  );
  const { step, boxes } = shelfMeasure(view, bands, REGION_PX);
  const { picturePx } = layoutKind(layout);
  return {
    widthPx: REGION_PX,
    boxes: boxes.map((box) => ({ ...box, pictureWidth: picturePx?.(step, box.width) ?? box.width })),
  };
}

/** A dozen pictures as a layout puts them by its defaults, from the same geometry as every shelf. */
export function layoutSample(layout: LayoutId): LayoutSample {
  let sample = samples.get(layout);
  if (!sample) samples.set(layout, (sample = made(layout)));
  return sample;
}
