import { completeAssortment, type StoredAssortment } from '../assortment/assortment.ts';
import { ofWords } from '../assortment/of.ts';
import { sayAssortment } from '../assortment/say.ts';
import { bandAt, type Band, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import type { Command } from '../plan/commands.ts';
import { aroundOf, type StoredPlan } from '../plan/storedPlan.ts';
import { subjectOf, type Subject, type Target } from '../plan/target.ts';
import { lowered, plain, type Names } from '../sentence/sentence.ts';
import { valueOf } from '../settings/complete.ts';
import { readPath } from '../settings/path.ts';
import { same } from '../settings/same.ts';
import type { PlacedSetting } from '../settings/setting.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { change, type Change, type ChangedSetting, type Place } from './change.ts';

/** The two plans, and what names things in them. */
export interface Compared {
  before: StoredPlan;
  after: StoredPlan;
  names: Names;
}

/** Something that is in both, and where it is. */
export interface Where {
  target: Target;
  place: Place;
}

/** "number of columns now 3 on Laptop, was 4", or the setting's own words. */
function tell({ name, say }: PlacedSetting, now: string, was: string): string {
  if (now !== was) return say ? `${now}, was ${was}` : `${lowered(name)} now ${now}, was ${was}`;
  return `${lowered(name)} set separately, still ${now}`;
}

const sayOne = (one: PlacedSetting, names: Names) => (value: unknown) =>
  one.say ? one.say(value as never, names) : one.kind.say(value, names);

/** The value at the widths at which a band begins, by the bands of its own plan. */
const valueFrom = (varying: Varying<unknown>, bands: Bands, band: Band): unknown =>
  valueAt(varying, bands, bands.some(({ id }) => id === band.id) ? band.id : bandAt(bands, band.from).id);

/** A value that varies: the widths at which it reads otherwise; null where none does. */
function tellVarying(one: PlacedSetting, was: unknown, now: unknown, compared: Compared): string | null {
  const { before, after, names } = compared;
  const [old, current] = [
    valueOf(one, was, aroundOf(before)) as Varying<unknown>,
    valueOf(one, now, aroundOf(after)) as Varying<unknown>,
  ];
  const [oldBands, bands] = [aroundOf(before).bands, aroundOf(after).bands];
  const say = sayOne(one, names);
  const among = bands.filter(
    (band) => !same(valueFrom(old, oldBands, band), valueAt(current, bands, band.id)),
  );
  if (among.length === 0) return null;
  const oldHere = Object.fromEntries(bands.map((band) => [band.id, valueFrom(old, oldBands, band)]));
  const inWords = (values: Varying<unknown>) =>
    sayVarying(values, { bands }, say, { among, whereAlways: true });
  const [nowSaid, wasSaid] = [inWords(current), inWords(oldHere)];
  // Where both are of the same one run of widths, those are said once.
  const where = / (on|from) [^,]+$/.exec(wasSaid)?.[0];
  return tell(one, nowSaid, where && nowSaid.endsWith(where) ? wasSaid.slice(0, -where.length) : wasSaid);
}

/** Every setting of something that differs, each with its sentence and its revert. */
export function settingChanges({ target, place }: Where, compared: Compared): Change[] {
  const { before, after, names } = compared;
  const [was, now] = [subjectOf(before, target), subjectOf(after, target)];
  if (!was || !now || same(was.document, now.document)) return [];
  const key = JSON.stringify(target);
  const kind = kindChange(key, { target, place }, was, now, names);
  const sameBands = same(aroundOf(before).bands, aroundOf(after).bands);
  const others = now.settings.flatMap((one): Change[] => {
    // What bands are there is told apart.
    if (one.on === 'house' && one.id === 'bands') return [];
    if (kind && one.id.startsWith('assortment.')) return [];
    const [old, current] = [readPath(was.document, one.id), readPath(now.document, one.id)];
    if (same(old, current)) return [];
    const id = `${key} ${one.id}`;
    const still = (value: unknown) => tell(one, value as string, value as string);
    if (one.varies) {
      const text = tellVarying(one, old, current, compared);
      // Values that were written so that nothing changes at other bands belong to the bands' own sentence.
      if (text === null && !sameBands) return [];
      const around = aroundOf(after);
      const takeBack: Command = {
        do: 'putOwn',
        values: [{ on: target, setting: one.id, values: old as Record<string, unknown> | undefined }],
      };
      const stillText = () =>
        still(sayVarying(valueOf(one, current, around) as Varying<unknown>, around, sayOne(one, names)));
      return [change(id, place, text ?? stillText(), takeBack)];
    }
    const say = sayOne(one, names);
    const [wasSaid, nowSaid] = [
      say(valueOf(one, old, aroundOf(before))),
      say(valueOf(one, current, aroundOf(after))),
    ];
    return [
      change(id, place, tell(one, nowSaid, wasSaid), { do: 'set', on: target, setting: one.id, value: old }),
    ];
  });
  return [...(kind ? [kind] : []), ...others];
}

/** What is set of something new, each in its own words. */
export function ownSettings(target: Target, plan: StoredPlan, names: Names): ChangedSetting[] {
  const subject = subjectOf(plan, target);
  if (!subject) return [];
  const around = aroundOf(plan);
  return subject.settings.flatMap((one): ChangedSetting[] => {
    const own = readPath(subject.document, one.id);
    if (own === undefined) return [];
    const say = sayOne(one, names);
    const value = valueOf(one, own, around);
    const said = one.varies ? sayVarying(value as Varying<unknown>, around, say) : say(value);
    return [{ text: one.say ? said : `${lowered(one.name)} ${said}`, takeBack: null }];
  });
}

/** A shelf or an assortment that comes to be of another kind of item: one sentence for all of it. */
function kindChange(
  key: string,
  { target, place }: Where,
  was: Subject,
  now: Subject,
  names: Names,
): Change | null {
  const of = ({ document }: Subject) =>
    completeAssortment(
      (readPath(document, 'assortment') as StoredAssortment | undefined) ?? { of: 'products' },
    );
  if (was.on !== 'shelf' && was.on !== 'assortment') return null;
  const [old, current] = [of(was), of(now)];
  if (old.of === current.of) return null;
  const said = (assortment: typeof old) =>
    `${ofWords[assortment.of].many} (${plain(sayAssortment(assortment, names))})`;
  return change(`${key} assortment`, place, `now shows ${said(current)}, was ${said(old)}`, {
    do: 'set',
    on: target,
    setting: 'assortment',
    value: readPath(was.document, 'assortment'),
  });
}
