import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { properties, type PropertyId } from './properties/index.ts';
import { isStep, stepPx, type Scale } from './scale.ts';
import { setValues, withValues } from './setValues.ts';
import type { Style } from './styleTree.ts';

const hasStep = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && Object.values(value).some(isStep);

const known = new WeakMap<Style, { scale: Scale; bands: Bands; made: Style }>();

/** Every width with px of its own, none beyond what can be set. */
function atEveryBand(
  value: Varying<unknown>,
  property: PropertyId,
  scale: Scale,
  bands: Bands,
): Varying<unknown> {
  const { control } = properties[property].kind;
  const [least, most] = control.is === 'number' ? [control.least, control.most] : [0, Infinity];
  return Object.fromEntries(
    bands.map(({ id }) => {
      const at = valueAt(value, bands, id);
      return [id, isStep(at) ? Math.min(most, Math.max(least, stepPx(at, scale, bands, id))) : at];
    }),
  );
}

/**
 * A style with px in the place of every step, at each width: what geometry, style sheets and contrast read. The very
 * same style where it has none; the very same result as long as the style, the scale and the bands are the same.
 */
export function inPx(style: Style, scale: Scale, bands: Bands): Style {
  const stepped = setValues(style).filter(({ value }) => hasStep(value));
  if (stepped.length === 0) return style;
  const before = known.get(style);
  if (before?.scale === scale && before.bands === bands) return before.made;
  const made = withValues(
    style,
    stepped.map((one) => ({
      ...one,
      value: atEveryBand(one.value as Varying<unknown>, one.property, scale, bands),
    })),
  );
  known.set(style, { scale, bands, made });
  return made;
}
