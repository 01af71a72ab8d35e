import type { Varying } from '../bands/varying.ts';
import { valueOf, type Around } from '../settings/complete.ts';
import { readPath } from '../settings/path.ts';
import type { PlacedSetting } from '../settings/setting.ts';
import type { StoredPlan } from './storedPlan.ts';
import { subjectOf, type Target } from './target.ts';

/** A value that varies by band, and where in the plan it is. */
export interface VaryingPlace {
  target: Target;
  setting: PlacedSetting;
}

/** Everything of a plan that settings are set on. */
export const targetsOf = (plan: StoredPlan): Target[] => [
  { house: true },
  ...Object.values(plan.pages).flatMap((page): Target[] => [
    { page: page.id },
    ...page.bays.map((bay) => ({ page: page.id, bay: bay.id })),
  ]),
  ...Object.keys(plan.shelves).map((shelf) => ({ shelf })),
  ...Object.keys(plan.assortments).map((assortment) => ({ assortment })),
];

/**
 * Every value of a plan that varies by band, whether one is set or not; of those that hold nothing where they are not
 * set, of which every page has hundreds, the set ones alone.
 */
export const varyingPlaces = (plan: StoredPlan): VaryingPlace[] =>
  targetsOf(plan).flatMap((target) => {
    const { settings, document } = subjectOf(plan, target)!;
    return settings
      .filter(({ id, varies, mayBeUnset }) => varies && !(mayBeUnset && readPath(document, id) === undefined))
      .map((setting) => ({ target, setting }));
  });

/** What is set of a value that varies; undefined where nothing is. */
export function storedVarying(
  plan: StoredPlan,
  { target, setting }: VaryingPlace,
): Varying<unknown> | undefined {
  const subject = subjectOf(plan, target);
  return subject && (readPath(subject.document, setting.id) as Varying<unknown> | undefined);
}

/** The value that holds, with what is set and what is inherited. */
export const varyingOf = (plan: StoredPlan, place: VaryingPlace, around: Around): Varying<unknown> =>
  valueOf(place.setting, storedVarying(plan, place), around) as Varying<unknown>;
