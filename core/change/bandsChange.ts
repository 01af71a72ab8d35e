import type { OwnValues } from '../plan/commands.ts';
import { aroundOf } from '../plan/storedPlan.ts';
import { subjectOf } from '../plan/target.ts';
import { storedVarying, varyingPlaces } from '../plan/varyingValues.ts';
import { listed } from '../sentence/sentence.ts';
import { readPath } from '../settings/path.ts';
import { same } from '../settings/same.ts';
import { change, type Change } from './change.ts';
import { wholeOf } from './placeOf.ts';
import type { Compared } from './settingChanges.ts';

/**
 * What was done to the bands, as one sentence; reverted, what went or came with them does too.
 * @param told ids of the changes of values that have sentences of their own
 */
export function bandsChange({ before, after }: Compared, told: ReadonlySet<string>): Change[] {
  const [old, now] = [aroundOf(before).bands, aroundOf(after).bands];
  if (same(before.house.bands, after.house.bands)) return [];
  const words = now.flatMap((band) => {
    const was = old.find((one) => one.id === band.id);
    if (!was) return [`new width ${band.name} from ${band.from} px`];
    return [
      ...(was.name === band.name ? [] : [`${band.name}, was called ${was.name}`]),
      ...(was.from === band.from ? [] : [`${band.name} from ${band.from} px, was ${was.from} px`]),
    ];
  });
  for (const band of old) if (!now.some(({ id }) => id === band.id)) words.push(`${band.name} is removed`);
  const values = varyingPlaces(before).flatMap((place): OwnValues[] => {
    const { target, setting } = place;
    if (told.has(`${JSON.stringify(target)} ${setting.id}`) || !subjectOf(after, target)) return [];
    const was = storedVarying(before, place);
    const subject = subjectOf(after, target)!;
    return same(was, readPath(subject.document, setting.id))
      ? []
      : [{ on: target, setting: setting.id, values: was }];
  });
  return [
    change('bands', wholeOf('Widths'), listed(words) || 'widths measured differently', {
      do: 'together',
      commands: [
        { do: 'set', on: { house: true }, setting: 'bands', value: before.house.bands },
        { do: 'putOwn', values },
      ],
    }),
  ];
}
