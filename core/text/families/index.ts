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

const byId = new Map(typeFamilies.map((one) => [one.id, one]));

/** The family of that id; the first where there is none. */
export const typeFamily = (id: string): TypeFamily => byId.get(id) ?? FIRST_FAMILY;
