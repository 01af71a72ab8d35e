import type { CharacterSetId } from './characterSets.ts';
import { forgetFaces } from './faces.ts';
import type { Face } from './face.ts';
import { knowOwn, ownTypeFamilies } from './families/index.ts';
import { mergeFaces } from './mergeFaces.ts';
import type { Slope, StandIn, TypeFamily } from './typeFamily.ts';

/** A file of letters that the owner put in, as it is kept: made smaller, a part for each character set. */
export interface OwnFont {
  /** SHA-256 of the file that was put in, hex. */
  id: string;
  slope: Slope;
  weights: [least: number, most: number];
  sets: CharacterSetId[];
}

/** A type family of the owner's own. */
export interface OwnFamily {
  id: string;
  name: string;
  standIn: StandIn;
  metrics: { ascent: number; descent: number; letter: number };
  /** One at least. */
  fonts: OwnFont[];
}

/** Ids of own families, so that they are told from those that are shipped. */
export const OWN_FAMILY_ID = /^own-[a-z0-9-]{1,48}$/;

const stamp = (family: { fonts?: readonly { id?: string }[] }): string =>
  (family.fonts ?? []).map(({ id }) => id).join();

/** @param faceOf the widths of one of its files */
function asFamily(own: OwnFamily, faceOf: (font: OwnFont) => Promise<Face>): TypeFamily {
  const { fonts } = own;
  const slopes = new Set(fonts.map(({ slope }) => slope));
  const faceIn = (slope: Slope) => async () => {
    const some = fonts.filter((font) => font.slope === slope || slopes.size === 1);
    const faces = await Promise.all(
      some.map(async (font) => ({ weights: font.weights, face: await faceOf(font) })),
    );
    return { default: mergeFaces(faces) };
  };
  const ends = fonts.flatMap(({ weights }) => weights);
  return {
    ...own,
    character: 'Your own',
    weights: [Math.min(...ends), Math.max(...ends)],
    faces: {
      upright: faceIn('upright'),
      // Where there is nothing but italics, they are what is upright too.
      italic: slopes.size > 1 ? faceIn('italic') : null,
    },
    sets: [...new Set(fonts.flatMap(({ sets }) => sets))],
  };
}

/**
 * Knows the owner's own families from now on, and no others. What changed is measured again.
 * @param faceOf the widths of one of their files, asked for when they are first needed
 */
export function takeOwnFamilies(
  families: readonly OwnFamily[],
  faceOf: (font: OwnFont) => Promise<Face>,
): void {
  const before = new Map(ownTypeFamilies().map((one) => [one.id, one]));
  const changed = families.filter((one) => {
    const known = before.get(one.id);
    return !known || stamp(known) !== stamp(one) || known.name !== one.name;
  });
  const gone = [...before.keys()].filter((id) => !families.some((one) => one.id === id));
  if (changed.length === 0 && gone.length === 0) return;
  const fresh = new Set(changed.map(({ id }) => id));
  knowOwn(families.map((one) => (fresh.has(one.id) ? asFamily(one, faceOf) : before.get(one.id)!)));
  forgetFaces([...fresh, ...gone]);
}
