import { bitter } from './bitter.ts';
import { bricolageGrotesque } from './bricolageGrotesque.ts';
import { caveat } from './caveat.ts';
import { fraunces } from './fraunces.ts';
import { hankenGrotesk } from './hankenGrotesk.ts';
import { literata } from './literata.ts';
import { notoSans } from './notoSans.ts';
import { nunito } from './nunito.ts';
import { oswald } from './oswald.ts';
import { splineSansMono } from './splineSansMono.ts';
import type { TypeFamily } from '../typeFamily.ts';

/** The type families that are shipped, in the order offered; to add one, write its file and list it here. */
export const typeFamilies: readonly TypeFamily[] = [
  literata,
  hankenGrotesk,
  notoSans,
  nunito,
  bricolageGrotesque,
  oswald,
  bitter,
  fraunces,
  caveat,
  splineSansMono,
];

/** What everything is set in where nothing else is chosen. */
export const FIRST_FAMILY = literata;

const shipped = new Map(typeFamilies.map((one) => [one.id, one]));
let own: ReadonlyMap<string, TypeFamily> = new Map();

/** Knows the owner's own families by now; they are told by what they are made of (ownFamilies.ts). */
export function knowOwn(families: readonly TypeFamily[]): void {
  own = new Map(families.map((one) => [one.id, one]));
}

/** The owner's own families. */
export const ownTypeFamilies = (): readonly TypeFamily[] => [...own.values()];

/** Every family that can be chosen: those that are shipped, then the owner's own. */
export const allTypeFamilies = (): readonly TypeFamily[] => [...typeFamilies, ...own.values()];

/** Whether there is a family of that id. */
export const hasTypeFamily = (id: string): boolean => shipped.has(id) || own.has(id);

/** The family of that id; the first where there is none. */
export const typeFamily = (id: string): TypeFamily => shipped.get(id) ?? own.get(id) ?? FIRST_FAMILY;
