import { colourSchema } from '../colour/colourSchema.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, mixed, object, string } from '../schema/schema.ts';
import { checkTree } from '../settings/check.ts';
import { HOUSE_COLOUR_IDS, type HouseColour } from './houseColour.ts';
import { styleTree } from './styleTree.ts';

/** A whole look of a store: its colours, and everything that is set of its elements. */
export interface Scheme {
  id: string;
  name: string;
  colours: Readonly<Record<HouseColour, string>>;
  /** Sparse, as a house keeps it. */
  style: object;
}

/** As a scheme is that is shipped. */
export interface ShippedScheme extends Scheme {
  /** What it is like, in a few words. */
  character: string;
}

export const MOST_SCHEMES = 20;
export const LONGEST_SCHEME_NAME = 40;

const tree = styleTree('house');

const styleFault = (style: unknown): string | null => {
  const fault = checkTree(tree, { style });
  return fault && `${fault.setting ?? fault.path}: ${fault.message}`;
};

export const schemesSchema = array(
  object({
    id: string()
      .matches(/^[a-z0-9-]{1,60}$/, 'A scheme is named by small letters, digits and hyphens.')
      .required(),
    name: string()
      .max(LONGEST_SCHEME_NAME)
      .test('blank', 'A scheme needs a name.', (value) => typeof value !== 'string' || value.trim() !== '')
      .required(),
    colours: object(Object.fromEntries(HOUSE_COLOUR_IDS.map((id) => [id, colourSchema.required()])))
      .noUnknown()
      .required(),
    style: mixed<object>()
      .test('style', (style, context) => {
        const fault = styleFault(style);
        return fault === null || context.createError({ message: fault });
      })
      .required(),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_SCHEMES)
  .test('once', 'Two schemes have the same id.', idsOnce)
  .required();
