import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { carousel } from './carousel.ts';
import { FORM_IDS, type FormId, type FormKind } from './formKind.ts';
import { grid } from './grid.ts';
import { list } from './list.ts';
import { masonry } from './masonry.ts';
import { mosaic } from './mosaic.ts';
import { slider } from './slider.ts';
import { spread } from './spread.ts';

/** Every form, in the order in which they are offered. A table has its place after the list. */
export const formKinds: readonly FormKind[] = [grid, carousel, slider, list, masonry, mosaic, spread];

const byId = new Map(formKinds.map((kind) => [kind.id, kind]));
export const formKind = (id: FormId): FormKind => byId.get(id)!;

const goesBy = (kind: FormKind, setting: string): boolean =>
  kind.uses.some((used) => setting === used || setting.startsWith(`${used}.`));

/** Whether one of these forms goes by a setting; what no form names is gone by in all of them. */
export const isUsed = (setting: string, forms: readonly FormId[]): boolean => {
  const by = formKinds.filter((kind) => goesBy(kind, setting));
  return by.length === 0 || by.some(({ id }) => forms.includes(id));
};

/** Forms that a shelf has at one width or another. */
export const formsOf = (form: Varying<FormId>, bands: Bands): FormId[] => {
  const had = bands.map((band) => valueAt(form, bands, band.id));
  return FORM_IDS.filter((id) => had.includes(id));
};
