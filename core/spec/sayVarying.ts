import type { Band } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { listed, type Names } from '../sentence/sentence.ts';

/** "on Phone", "on Phone and Tablet", "from Laptop": where a run of bands is, among all of them. */
function where(run: readonly Band[], bands: readonly Band[]): string {
  const last = run.at(-1) === bands.at(-1);
  return last && run.length > 1 ? `from ${run[0]!.name}` : `on ${listed(run.map(({ name }) => name))}`;
}

/** "2 on Phone, 3 on Tablet, 4 from Laptop": one phrase for each run of bands with the same value. */
export function sayVarying<T>(
  varying: Varying<T>,
  { bands }: Pick<Names, 'bands'>,
  say: (value: T) => string,
  { among = bands, whereAlways = false }: { among?: readonly Band[]; whereAlways?: boolean } = {},
): string {
  const runs: { value: T; bands: Band[] }[] = [];
  let before: Band | undefined;
  for (const band of among) {
    const value = valueAt(varying, bands, band.id);
    const last = runs.at(-1);
    if (last && last.value === value && bands.indexOf(before!) + 1 === bands.indexOf(band))
      last.bands.push(band);
    else runs.push({ value, bands: [band] });
    before = band;
  }
  if (runs.length === 1 && !(whereAlways && among.length < bands.length)) return say(runs[0]!.value);
  return runs.map(({ value, bands: run }) => `${say(value)} ${where(run, bands)}`).join(', ');
}
