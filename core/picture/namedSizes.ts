import { idsOnce } from '../schema/idsOnce.ts';
import { array, number, object, string, type Schema } from '../schema/schema.ts';
import { listed } from '../sentence/sentence.ts';

/** A size of pictures that the store keeps under a name, px; cards that go by it change with it. */
export interface NamedSize {
  id: string;
  name: string;
  width: number;
  height: number;
}

export const SIZE_ID = /^[a-z0-9-]{1,40}$/;
export const MOST_SIZES = 20;
export const LONGEST_SIZE_NAME = 40;
/** px a side. */
export const SIZE_PX = { least: 40, most: 1600 } as const;
/** So many times as wide as high, or as high as wide, at most. */
const MOST_RATIO = 5;

/** What a store begins with. */
export const firstSizes: readonly NamedSize[] = [
  { id: 'small', name: 'Small', width: 240, height: 300 },
  { id: 'medium', name: 'Medium', width: 480, height: 600 },
  { id: 'large', name: 'Large', width: 960, height: 1200 },
];

export const sizeRatio = ({ width, height }: NamedSize): number => width / height;

export const sizeOf = (sizes: readonly NamedSize[], id: string): NamedSize | undefined =>
  sizes.find((one) => one.id === id);

/** The least and the most that one side can be beside the other, px. */
export const sideBeside = (otherPx: number): { least: number; most: number } => ({
  least: Math.max(SIZE_PX.least, Math.ceil(otherPx / MOST_RATIO)),
  most: Math.min(SIZE_PX.most, otherPx * MOST_RATIO),
});

const isDrawn = (size: Partial<NamedSize> | undefined): boolean => {
  const ratio = Number(size?.width) / Number(size?.height);
  return !(ratio > MOST_RATIO || ratio < 1 / MOST_RATIO);
};

const side = () => number().integer().min(SIZE_PX.least).max(SIZE_PX.most).required();

export const namedSizesSchema = array(
  object({
    id: string().matches(SIZE_ID, 'A size is named by small letters, digits and hyphens.').required(),
    name: string()
      .max(LONGEST_SIZE_NAME)
      .test('blank', 'A size needs a name.', (value) => typeof value !== 'string' || value.trim() !== '')
      .required(),
    width: side(),
    height: side(),
  })
    .noUnknown()
    .test('ratio', `A size is at most ${MOST_RATIO} times as wide as high, or as high as wide.`, isDrawn)
    .required(),
)
  .max(MOST_SIZES)
  .test('once', 'Two sizes have the same id.', idsOnce)
  .required() as unknown as Schema<NamedSize[]>;

export const saySizes = (sizes: readonly NamedSize[]): string =>
  listed(sizes.map(({ name, width, height }) => `${name} ${width} × ${height} px`)) || 'none';
