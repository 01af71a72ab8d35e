import { assortmentSettings } from './assortment.ts';
import { baySettings, pageSettings } from './bay.ts';
import { settings, type Setting, type SettingOn } from './setting.ts';
import { shelfSettings } from './shelf.ts';

export const allSettings: readonly Setting[] = [
  ...shelfSettings,
  ...settings('assortment', 'shows', [
    { id: 'name', name: 'Name', find: ['name'], say: (v) => `named "${String(v)}"` },
    ...assortmentSettings,
  ]),
  ...baySettings,
  ...pageSettings,
];

const byKey = new Map(allSettings.map((setting) => [`${setting.on}:${setting.id}`, setting]));

export function setting(on: SettingOn, id: string): Setting {
  const found = byKey.get(`${on}:${id}`);
  if (!found) throw new RangeError(`There is no setting "${id}" on a ${on}.`);
  return found;
}

/** Settings whose name or words begin with what was typed, best first. */
export function findSettings(typed: string, among: readonly Setting[]): Setting[] {
  const wanted = typed.trim().toLowerCase();
  if (!wanted) return [];
  const rank = (one: Setting): number => {
    const name = one.name.toLowerCase();
    if (name.startsWith(wanted)) return 0;
    if (one.find.includes(wanted)) return 1;
    if (name.split(/\s+/).some((word) => word.startsWith(wanted))) return 2;
    if (one.find.some((word) => word.startsWith(wanted))) return 3;
    return name.includes(wanted) || one.find.some((word) => word.includes(wanted)) ? 4 : 5;
  };
  return among
    .map((one, at) => ({ one, at, rank: rank(one) }))
    .filter((found) => found.rank < 5)
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map((found) => found.one);
}
