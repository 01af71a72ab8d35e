import { array, boolean, number, string, type Schema } from '../schema/schema.ts';
import { OWN_FAMILY_ID, type OwnFamily } from '../text/ownFamilies.ts';
import { contract } from './contract.ts';
import { shape, told } from './shape.ts';

const list = () => array().required() as unknown as Schema<OwnFamily[]>;

/** Every type family of the owner's own. */
export const readTypefaces = contract({
  method: 'GET',
  path: '/api/typefaces',
  who: 'signedIn',
  answer: shape<{ families: OwnFamily[] }>({ families: list() }),
});

/**
 * Puts in a font file: a new family, or another slope or weight of one that has its name. One of the same slope and
 * weight takes the place of the one before.
 */
export const addTypeface = contract({
  method: 'POST',
  path: '/api/typefaces',
  who: 'signedIn',
  takes: 'font',
  answer: shape<{
    family: OwnFamily;
    /** Of all parts together, as they are served. */
    bytes: number;
    /** Characters of scripts that cannot be served yet. */
    leftOut: number;
    mayEmbed: boolean;
  }>({
    family: told(),
    bytes: number().integer().required(),
    leftOut: number().integer().required(),
    mayEmbed: boolean().required(),
  }),
});

/** Removes a family that neither the draft nor what shoppers see uses. */
export const removeTypeface = contract({
  method: 'POST',
  path: '/api/typefaces/removed',
  who: 'signedIn',
  body: shape<{ id: string }>({
    id: string().matches(OWN_FAMILY_ID, 'This is not the id of a typeface.').required(),
  }),
  answer: shape<{ families: OwnFamily[] }>({ families: list() }),
});
