import { ofWords, type Assortment } from '../assortment/assortment.ts';
import { sayAssortment } from '../assortment/say.ts';
import { bandAt, type Band, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { readVarying, varyingPlaces } from '../plan/varyingValues.ts';
import type { Bay } from '../plan/bays/index.ts';
import { targetOf, targetOn, type Command, type Target } from '../plan/commands.ts';
import type { Page } from '../plan/page.ts';
import { placesOf, type Plan } from '../plan/plan.ts';
import { allSettings } from '../plan/settings/index.ts';
import { readPath, type Setting } from '../plan/settings/setting.ts';
import { listed, plain, type Names } from '../sentence/sentence.ts';

/** One difference between two plans, in words, that can be taken back on its own (calculations §19). */
export interface Change {
  id: string;
  /** Where it is: pages by name, and the bay's name if it is in one. */
  where: string;
  text: string;
  /** Applied to the later plan, makes this difference go away. */
  takeBack: Command;
}

/** What a bay is called in sentences. */
export function bayName(bay: Bay, plan: Plan): string {
  if (bay.holds === 'shelf') return bay.heading.words || plan.shelves[bay.shelfId]?.name || 'Shelf';
  if (bay.holds === 'banner') return bay.title || 'Banner';
  if (bay.holds === 'notice') return 'Notice';
  return bay.holds === 'entry' ? 'The journal entry' : 'The product';
}

const isVarying = (value: unknown): boolean => typeof value === 'object' && value !== null;

/** The same at every width. */
const isOne = (varying: unknown): boolean => Object.keys(varying as object).length === 1;

const same = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

/** The same value with the keys of every object in order, so that it can be compared as text. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => [k, sorted(v)]),
  );
}

interface Place {
  target: Target;
  where: string;
}

function settingChanges(before: Plan, after: Plan, place: Place, names: Names): Change[] {
  const [was, now] = [targetOf(before, place.target), targetOf(after, place.target)];
  if (!was || !now || was === now) return [];
  const on = targetOn(place.target);
  const key = JSON.stringify(place.target);
  const kind = kindChange(was, now, place, names);
  const told = kind.length ? KIND_SETTINGS : [];
  const others = allSettings
    .filter(
      (one) =>
        one.on === on && !one.group && !told.some((id) => one.id === id || one.id.startsWith(`${id}.`)),
    )
    .flatMap((one): Change[] => {
      const [old, current] = [readPath(was, one.id), readPath(now, one.id)];
      if (same(old, current)) return [];
      const base = { where: place.where };
      if (!one.varies || !isVarying(old) || !isVarying(current))
        return [
          {
            ...base,
            id: `${key} ${one.id}`,
            text: tell(one, old, current, names),
            takeBack: { do: 'set', on: place.target, setting: one.id, value: old },
          },
        ];
      return bandChanges(old as Varying<unknown>, current as Varying<unknown>, before, after).map(
        (change) => ({
          ...base,
          id: `${key} ${one.id} ${change.band}`,
          text: tell(
            one,
            change.was,
            change.now,
            names,
            isOne(old) && isOne(current)
              ? ''
              : ` on ${change.bandName}${change.inherits ? ' as on the narrower width' : ''}`,
          ),
          takeBack: { do: 'set', on: place.target, setting: one.id, band: change.band, value: change.own },
        }),
      );
    });
  return [...kind, ...others];
}

/** Settings that are taken back as one when a shelf comes to show another kind of item. */
const KIND_SETTINGS = ['assortment', 'card.order', 'card.shown'];

function kindChange(was: object, now: object, { target, where }: Place, names: Names): Change[] {
  const [old, current] = [readPath(was, 'assortment'), readPath(now, 'assortment')] as (
    Assortment | undefined
  )[];
  if (!old || !current || old.of === current.of) return [];
  const [before, after] = [plain(sayAssortment(old, names)), plain(sayAssortment(current, names))];
  return [
    {
      id: `${JSON.stringify(target)} assortment`,
      where,
      text: `now shows ${ofWords[current.of].many} (${after}), was ${ofWords[old.of].many} (${before})`,
      takeBack: {
        do: 'together',
        commands: KIND_SETTINGS.filter((id) => readPath(was, id) !== undefined).map((id): Command => ({
          do: 'set',
          on: target,
          setting: id,
          value: readPath(was, id),
        })),
      },
    },
  ];
}

function tell(one: Setting, old: unknown, current: unknown, names: Names, where = ''): string {
  if (current === undefined) return `no longer set: ${one.name.toLowerCase()}`;
  if (old === undefined) return `now ${one.say(current, names)}`;
  const [was, now] = [one.say(old, names), one.say(current, names)];
  return was === now
    ? `${one.name.toLowerCase()} set apart${where}, still ${now}`
    : `now ${now}${where}, was ${was}`;
}

/** The value at the widths at which a band begins, by the bands of its own plan. */
function valueFrom(varying: Varying<unknown>, bands: Bands, band: Band): unknown {
  const there = bands.some((one) => one.id === band.id) ? band.id : bandAt(bands, band.from).id;
  return valueAt(varying, bands, there);
}

/** Bands at which a value reads otherwise. Where bands themselves changed, only what looks different counts. */
function bandChanges(old: Varying<unknown>, current: Varying<unknown>, before: Plan, after: Plan) {
  const { bands } = after.house;
  const sameBands = same(before.house.bands, bands);
  return bands
    .filter((band) => !same(old[band.id], current[band.id]))
    .map((band) => ({
      band: band.id,
      bandName: band.name,
      own: old[band.id],
      was: valueFrom(old, before.house.bands, band),
      now: valueAt(current, bands, band.id),
      inherits: current[band.id] === undefined,
    }))
    .filter(
      // What the first band took over when the one before it went is the bands' own sentence.
      ({ was, now, own, band }) =>
        sameBands || (!same(was, now) && !(own === undefined && band === bands[0]!.id)),
    );
}

/** What was done to the bands, as one sentence; taken back, what went or came with them does too. */
function bandsChange(before: Plan, after: Plan): Change[] {
  const [old, now] = [before.house.bands, after.house.bands];
  if (same(old, now)) return [];
  const words = now.flatMap((band) => {
    const was = old.find((one) => one.id === band.id);
    if (!was) return [`new band ${band.name} from ${band.from}`];
    return [
      ...(was.name === band.name ? [] : [`${band.name}, was called ${was.name}`]),
      ...(was.from === band.from ? [] : [`${band.name} from ${band.from}, was ${was.from}`]),
    ];
  });
  for (const band of old) if (!now.some(({ id }) => id === band.id)) words.push(`${band.name} is taken away`);
  const values = varyingPlaces(before).flatMap((place) => {
    const [was, is] = [readVarying(before, place), readVarying(after, place)];
    if (!was || !is) return [];
    const told = new Set(
      place.key === 'house' ? [] : bandChanges(was, is, before, after).map(({ band }) => band),
    );
    const untold = [...new Set([...Object.keys(was), ...Object.keys(is)])].filter(
      (band) => !told.has(band) && !same(was[band], is[band]),
    );
    return untold.length
      ? [{ place, values: Object.fromEntries(untold.map((band) => [band, was[band] ?? null])) }]
      : [];
  });
  return [
    {
      id: 'bands',
      where: 'Widths',
      text: listed(words) || 'bands measured otherwise',
      takeBack: { do: 'putBands', bands: old, values },
    },
  ];
}

function bayChanges(before: Plan, after: Plan, old: Page, page: Page): Change[] {
  const changes: Change[] = [];
  const [oldIds, ids] = [old.bays.map((bay) => bay.id), page.bays.map((bay) => bay.id)];
  for (const bay of page.bays)
    if (!oldIds.includes(bay.id))
      changes.push({
        id: `added ${page.id} ${bay.id}`,
        where: page.name,
        text: `new bay "${bayName(bay, after)}"`,
        takeBack: { do: 'removeBay', page: page.id, bay: bay.id },
      });
  for (const bay of old.bays)
    if (!ids.includes(bay.id))
      changes.push({
        id: `removed ${page.id} ${bay.id}`,
        where: page.name,
        text: `"${bayName(bay, before)}" is taken away`,
        takeBack: {
          do: 'putBack',
          page: page.id,
          bay,
          shelf: bay.holds === 'shelf' ? before.shelves[bay.shelfId] : undefined,
          order: oldIds,
        },
      });
  const [keptOld, kept] = [oldIds.filter((id) => ids.includes(id)), ids.filter((id) => oldIds.includes(id))];
  if (!same(keptOld, kept)) {
    const moved = page.bays.filter(
      (bay) => keptOld.includes(bay.id) && keptOld.indexOf(bay.id) !== kept.indexOf(bay.id),
    );
    changes.push({
      id: `order ${page.id}`,
      where: page.name,
      text: `bays in another order: ${listed(moved.map((bay) => `"${bayName(bay, after)}"`))}`,
      takeBack: { do: 'orderBays', page: page.id, order: oldIds },
    });
  }
  return changes;
}

/** Where a shelf stands, in words: "Home: New from the kiln", "Home and Shop: …". */
function shelfPlace(plan: Plan, shelfId: string): string {
  const places = placesOf(plan, shelfId);
  const bay = places[0]?.page.bays.find((one) => one.id === places[0]!.bayId);
  const pages = listed([...new Set(places.map(({ page }) => page.name))]);
  return `${pages}: ${bay ? bayName(bay, plan) : (plan.shelves[shelfId]?.name ?? shelfId)}`;
}

/** Saved assortments that came, went or read otherwise. One that goes takes with it what shows it elsewhere. */
function assortmentChanges(before: Plan, after: Plan, names: Names): Change[] {
  const where = (name: string) => `Assortment "${name}"`;
  const all = [...new Set([...Object.keys(before.assortments), ...Object.keys(after.assortments)])];
  return all.flatMap((id): Change[] => {
    const [old, now] = [before.assortments[id], after.assortments[id]];
    const key = `assortment:${id}` as const;
    if (old && now)
      return settingChanges(before, after, { target: { assortment: id }, where: where(now.name) }, names);
    const saved = (old ?? now)!;
    return [
      {
        id: key,
        where: where(saved.name),
        text: old ? 'is taken away' : `is new: ${plain(sayAssortment(saved.assortment, names))}`,
        takeBack: old ? { do: 'putDocument', key, document: old } : { do: 'removeAssortment', id },
      },
    ];
  });
}

/** What is different in `after`, as sentences. A bay that is new speaks for the shelf that came with it. */
export function changesBetween(before: Plan, after: Plan, names: Names): Change[] {
  const changes: Change[] = bandsChange(before, after);
  for (const page of Object.values(after.pages)) {
    const old = before.pages[page.id];
    if (!old || old === page) continue;
    changes.push(...settingChanges(before, after, { target: { page: page.id }, where: page.name }, names));
    changes.push(...bayChanges(before, after, old, page));
    for (const bay of page.bays) {
      const oldBay = old.bays.find((one) => one.id === bay.id);
      if (!oldBay) continue;
      const where = `${page.name}: ${bayName(bay, after)}`;
      const target = { page: page.id, bay: bay.id };
      if (bay.holds === 'shelf' && oldBay.holds === 'shelf' && bay.shelfId !== oldBay.shelfId)
        changes.push({
          id: `shelf ${page.id} ${bay.id}`,
          where,
          text: 'made separate from where else it stands',
          takeBack: {
            do: 'useShelf',
            page: page.id,
            bay: bay.id,
            shelfId: oldBay.shelfId,
            shelf: before.shelves[oldBay.shelfId],
          },
        });
      changes.push(...settingChanges(before, after, { target, where }, names));
    }
  }
  changes.push(...assortmentChanges(before, after, names));
  for (const shelf of Object.values(after.shelves))
    if (before.shelves[shelf.id])
      changes.push(
        ...settingChanges(
          before,
          after,
          { target: { shelf: shelf.id }, where: shelfPlace(after, shelf.id) },
          names,
        ),
      );
  return changes;
}
