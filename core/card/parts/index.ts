import type { Item, PartKind } from '../partKind.ts';
import { brandPart } from './brand.ts';
import { countPart } from './count.ts';
import { picturePart } from './picture.ts';
import { pricePart } from './price.ts';
import { ratingPart } from './rating.ts';
import { titlePart } from './title.ts';
import { wordsPart } from './words.ts';

/** Every part a card can have; to add one, write its file and list it here. */
export const partKinds: readonly PartKind[] = [
  picturePart,
  titlePart,
  brandPart,
  wordsPart,
  pricePart,
  ratingPart,
  countPart,
];

export const partsOf = (of: Item['of']): PartKind[] => partKinds.filter((kind) => kind.of.includes(of));

const byId = new Map<string, PartKind>(partKinds.map((kind) => [kind.id, kind]));

export const partKind = (id: string): PartKind | undefined => byId.get(id);
