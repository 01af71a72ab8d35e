import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { integer } from '../settings/values.ts';
import { byWidth, varying, type Complete } from '../settings/setting.ts';

/** What steps are made from where nothing else is set, at every width. */
export const FIRST_SCALE = { size: 16, ratio: 120, space: 8 } as const;

/** What the steps of a house are made from, at each width. */
export const scaleSettings = {
  /** Step 0 of sizes, px. */
  size: varying(integer(10, 28, 'px'), byWidth(FIRST_SCALE.size, {}), {
    name: 'Size of step 0',
    find: ['size', 'scale', 'type', 'text'],
  }),
  /** From one size to the next, percent. */
  ratio: varying(integer(105, 162, '%'), byWidth(FIRST_SCALE.ratio, {}), {
    name: 'From step to step',
    find: ['scale', 'ratio', 'type', 'steps'],
  }),
  /** One space, px. */
  space: varying(integer(2, 24, 'px'), byWidth(FIRST_SCALE.space, {}), {
    name: 'One space',
    find: ['space', 'scale', 'unit', 'spacing'],
  }),
};
export type Scale = Complete<typeof scaleSettings>;

/** Which steps a property is set in. */
export type Steps = 'sizes' | 'spaces';

export interface Step {
  id: string;
  name: string;
  /** px, at a width with these. */
  px(at: { size: number; ratio: number; space: number }): number;
}

const sizes: readonly Step[] = [-2, -1, 0, 1, 2, 3, 4, 5, 6].map((by) => ({
  id: `s${by}`,
  name: `Step ${by < 0 ? `−${-by}` : by}`,
  px: ({ size, ratio }) => Math.round(size * (ratio / 100) ** by),
}));

const spaces: readonly Step[] = [
  [25, '¼ space'],
  [50, '½ space'],
  [100, '1 space'],
  [150, '1½ spaces'],
  [200, '2 spaces'],
  [300, '3 spaces'],
  [400, '4 spaces'],
  [600, '6 spaces'],
].map(([percent, name]) => ({
  id: `p${percent}`,
  name: name as string,
  px: ({ space }) => Math.round((space * (percent as number)) / 100),
}));

export const steps: Readonly<Record<Steps, readonly Step[]>> = { sizes, spaces };
const byId = new Map([...sizes, ...spaces].map((step) => [step.id, step]));

export const isStep = (value: unknown): value is string => typeof value === 'string' && byId.has(value);

export const stepName = (id: string): string => byId.get(id)!.name;

/** What a step comes to at a band, px. */
export const stepPx = (id: string, scale: Scale, bands: Bands, bandId: string): number =>
  byId.get(id)!.px({
    size: valueAt(scale.size, bands, bandId),
    ratio: valueAt(scale.ratio, bands, bandId),
    space: valueAt(scale.space, bands, bandId),
  });
