import { produce } from 'immer';
import { bandAt, type Band, type Bands } from '../bands/bands.ts';
import { addBand, addFirstBand, moveEdge, removeBand, type BandsEdit } from '../bands/edit.ts';
import { valueAt } from '../bands/varying.ts';
import { ownFor } from '../settings/ownValues.ts';
import { writePath } from '../settings/path.ts';
import { aroundOf, type StoredPlan } from './storedPlan.ts';
import { subjectOf } from './target.ts';
import { storedVarying, varyingOf, varyingPlaces } from './varyingValues.ts';

/** What can be done to the bands. */
export type BandChange =
  | { is: 'move'; id: string; from: number }
  | { is: 'add'; band: Band }
  | { is: 'addFirst'; band: Omit<Band, 'from'>; edge: number }
  | { is: 'rename'; id: string; name: string }
  | { is: 'remove'; id: string };

function editedBands(bands: Bands, change: BandChange): BandsEdit {
  switch (change.is) {
    case 'move':
      return moveEdge(bands, change.id, change.from);
    case 'add':
      return addBand(bands, change.band);
    case 'addFirst':
      return addFirstBand(bands, change.band, change.edge);
    case 'remove':
      return removeBand(bands, change.id);
    case 'rename':
      return {
        bands: bands.map((band) => (band.id === change.id ? { ...band, name: change.name } : band)),
        edit: (varying) => varying,
      };
  }
}

/** Where a bay is shown once the bands are others: at the same widths, as far as bands can say so. */
function bandsOfBay(shownAt: readonly string[], before: Bands, after: Bands): string[] {
  const shown = after.filter((band) => {
    const was = before.find((one) => one.id === band.id) ?? bandAt(before, band.from);
    return shownAt.includes(was.id);
  });
  if (shown.length) return shown.map((band) => band.id);
  // Its only band is gone: it is shown where those widths belong to now.
  const gone = before.find((band) => band.id === shownAt[0]);
  return [bandAt(after, gone?.from ?? 0).id];
}

/**
 * The plan with other bands. Every value that varies keeps its meaning: one is written wherever the result would
 * otherwise be another than calculations §1 says.
 */
export function editBands(plan: StoredPlan, change: BandChange): StoredPlan {
  const around = aroundOf(plan);
  const { bands, edit } = editedBands(around.bands, change);
  if (JSON.stringify(bands) === JSON.stringify(around.bands)) return plan;
  const withBands: StoredPlan = { ...plan, house: { ...plan.house, bands: [...bands] } };
  const after = aroundOf(withBands);
  return produce(withBands, (draft) => {
    // The house first, since others inherit from it.
    for (const place of varyingPlaces(plan)) {
      const own = storedVarying(plan, place);
      const wanted = edit(varyingOf(plan, place, around));
      const kept = new Set(Object.keys(edit(own ?? {})));
      const inheritsHouse = place.setting.byDefault.is === 'house';
      // What the house has of it was edited alike.
      if (inheritsHouse && own === undefined) continue;
      const next = ownFor(
        place.setting,
        (band) => valueAt(wanted, bands, band),
        own ? kept : new Set(),
        after,
      );
      const subject = subjectOf(draft, place.target)!;
      const values = Object.keys(next).length ? next : undefined;
      if (JSON.stringify(values) !== JSON.stringify(own))
        writePath(subject.document, place.setting.id, values);
    }
    for (const page of Object.values(draft.pages))
      for (const bay of page.bays) if (bay.bands) bay.bands = bandsOfBay(bay.bands, around.bands, bands);
  });
}
