import * as assortments from './assortments.ts';
import * as catalogue from './catalogue.ts';
import type { AnyContract } from './contract.ts';
import * as draft from './draft.ts';
import * as exchange from './exchange.ts';
import * as goods from './goods.ts';
import * as groupings from './groupings.ts';
import * as journal from './journal.ts';
import * as messages from './messages.ts';
import * as pictures from './pictures.ts';
import * as releases from './releases.ts';
import * as typefaces from './typefaces.ts';
import * as session from './session.ts';
import * as setUp from './setUp.ts';
import * as wholeStore from './wholeStore.ts';

/** Every route of the server's for the studio; to add one, write its contract and list its file here. */
export const contracts: readonly AnyContract[] = [
  session,
  draft,
  releases,
  assortments,
  catalogue,
  exchange,
  wholeStore,
  goods,
  groupings,
  journal,
  setUp,
  messages,
  pictures,
  typefaces,
].flatMap((group) =>
  Object.values(group).filter(
    (one): one is AnyContract => typeof one === 'object' && one !== null && 'path' in one,
  ),
);
