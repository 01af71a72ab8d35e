import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { layoutKind } from '../layouts/index.ts';
import type { Arrangement } from '../plan/arrangements/arrangement.ts';
import { arrangements } from '../plan/arrangements/index.ts';
import { shelfTree, type Shelf } from '../plan/shelf.ts';
import { aroundOf, completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { counted, lowered } from '../sentence/sentence.ts';
import { readPath } from '../settings/path.ts';
import { same } from '../settings/same.ts';
import { isSetting, nodeAt } from '../settings/setting.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { change, type Change } from './change.ts';
import type { Compared } from './settingChanges.ts';

/** What is set along with a layout, so that as many items are shown as before. */
const AMOUNT = /^amount\./;

/** "a carousel of 12", "a grid of 2 rows on Phone, a masonry of 16 from Tablet". */
export function sayArrangement(shelf: Shelf, bands: Bands): string {
  const at = Object.fromEntries(
    bands.map(({ id }): [string, string] => {
      const kind = layoutKind(valueAt(shelf.layout, bands, id));
      const amount =
        kind.inRows && shelf.amount.by === 'rows'
          ? counted(valueAt(shelf.amount.rows, bands, id), 'row')
          : String(valueAt(shelf.amount.items, bands, id));
      return [id, `a ${lowered(kind.name)} of ${amount}`];
    }),
  );
  return sayVarying(at, { bands }, String);
}

/** A shelf, complete, among the bands of its plan. */
interface Among {
  shelf: Shelf;
  bands: Bands;
}

const among = (plan: StoredPlan, id: string): Among => ({
  shelf: completePlan(plan).shelves[id]!,
  bands: aroundOf(plan).bands,
});

/** Whether a shelf is as a ready-made arrangement says, at every width. */
function isAs({ shelf, bands }: Among, arrangement: Arrangement): boolean {
  return Object.entries(arrangement.settings(bands)).every(([id, wanted]) => {
    const value = readPath(shelf, id);
    const node = nodeAt(shelfTree, id);
    if (!node || !isSetting(node) || !node.varies) return same(value, wanted);
    const [now, then] = [value as Varying<unknown>, wanted as Varying<unknown>];
    return bands.every((band) => same(valueAt(now, bands, band.id), valueAt(then, bands, band.id)));
  });
}

const settingOf = ({ id }: Change) => id.slice(id.lastIndexOf(' ') + 1);

/**
 * What was changed of a shelf's layout together with how many it shows, or by a ready-made arrangement, as one sentence
 * with the settings that it is made of. Other changes stay as they are.
 */
export function withArrangement(id: string, changes: readonly Change[], compared: Compared): Change[] {
  // Asked with every edit: what changed no layout has nothing to be told as one.
  if (changes.length < 2 || !changes.some((one) => settingOf(one) === 'layout')) return [...changes];
  const [before, after] = [among(compared.before, id), among(compared.after, id)];
  const stored = compared.after.shelves[id]!;
  // One that was started from has written all of its values; a shelf that happens to be as it says has not.
  const readyMade = arrangements.find(
    (one) =>
      isAs(after, one) &&
      Object.keys(one.settings(after.bands)).every((setting) => readPath(stored, setting) !== undefined),
  );
  const settings = new Set(readyMade ? Object.keys(readyMade.settings(after.bands)) : ['layout']);
  const isOfIt = (one: Change) => settings.has(settingOf(one)) || (!readyMade && AMOUNT.test(settingOf(one)));
  const whole = changes.filter(isOfIt);
  const [first] = whole;
  if (whole.length < 2) return [...changes];
  const [now, was] = [after, before].map(({ shelf, bands }) => sayArrangement(shelf, bands));
  const said = now === was ? now! : `${now}, was ${was}`;
  return [
    change(
      `arrangement ${id}`,
      first!.place,
      readyMade ? `ready-made arrangement "${readyMade.name}": ${said}` : said,
      { do: 'revert', commands: whole.map(({ takeBack }) => takeBack) },
      whole.map(({ text, takeBack }) => ({ text, takeBack })),
    ),
    ...changes.filter((one) => !isOfIt(one)),
  ];
}
