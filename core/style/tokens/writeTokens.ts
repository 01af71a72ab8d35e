import type { House } from '../../plan/house.ts';
import type { Bands } from '../../bands/bands.ts';
import { HOUSE_COLOUR_IDS, HOUSE_COLOURS } from '../houseColour.ts';
import { FIRST_SCALE, stepPx, steps, type Scale } from '../scale.ts';
import { properties } from '../properties/index.ts';
import { setValues, type SetValue } from '../setValues.ts';
import { SCALE, tokenKinds, tokenTypeOf } from './tokenKinds.ts';

/** Under this name the format lets us keep what it has no place for. */
export const EXTENSION = 'wide-shelf';
/** The group of a file that says what elements are drawn with. */
export const ELEMENTS = 'elements';

type Values = Record<string, unknown>;
type AtWidth = [from: string | null, value: unknown];

/**
 * What is set of a property, as the values at its widths, null from where it is not set any more; of one that does not
 * vary, under no width.
 */
function byWidth({ property, value }: SetValue, bands: Bands): [first: AtWidth, ...wider: AtWidth[]] {
  if (!properties[property].varies) return [[null, value]];
  const all = bands.flatMap(({ id }): AtWidth[] => {
    const at = (value as Values)[id];
    return at === undefined ? [] : [[id, at]];
  });
  // Something is set, so that there is a first.
  const first = all.findIndex(([, at]) => at !== null);
  return [all[first]!, ...all.slice(first + 1)];
}

/** One value as a token: the narrowest width as its value, and wider ones under the extension. */
function tokenOf(one: SetValue, bands: Bands): object {
  const type = tokenTypeOf(one.property);
  const write = (value: unknown) => (type && value !== null ? tokenKinds[type].write(value) : value);
  const [first, ...wider] = byWidth(one, bands);
  const own: Values = {
    ...(first[0] !== null && first[0] !== bands[0]!.id && { from: first[0] }),
    ...(wider.length > 0 && { widths: Object.fromEntries(wider.map(([id, value]) => [id, write(value)])) }),
  };
  return {
    ...(type && { $type: type }),
    $value: write(first[1]),
    ...(Object.keys(own).length > 0 && { $extensions: { [EXTENSION]: own } }),
  };
}

/** What is set of one element: tokens of it at rest; its other states, and what the format has no type for, beside. */
function elementGroup(values: readonly SetValue[], bands: Bands): object {
  const tokens: Values = {};
  const states: Record<string, Values> = {};
  for (const one of values) {
    const token = tokenOf(one, bands);
    if (one.state === 'rest' && tokenTypeOf(one.property)) tokens[one.property] = token;
    else (states[one.state] ??= {})[one.property] = token;
  }
  return {
    ...tokens,
    ...(Object.keys(states).length > 0 && { $extensions: { [EXTENSION]: { states } } }),
  };
}

/** What steps are made from; null for what is as it begins. */
const madeFrom = (scale: Scale): object =>
  Object.fromEntries(
    Object.entries(scale).map(([key, at]) => [
      key,
      Object.values(at).every((one) => one === FIRST_SCALE[key as keyof Scale]) ? null : at,
    ]),
  );

/** The steps of a house, each at its widths, and beside them what they are made from. */
const scaleGroup = (scale: Scale, bands: Bands): object => ({
  $type: 'dimension',
  $extensions: { [EXTENSION]: madeFrom(scale) },
  ...Object.fromEntries(
    Object.values(steps)
      .flat()
      .map(({ id, name }) => {
        const [first, ...wider] = bands.map((band) => [band.id, stepPx(id, scale, bands, band.id)] as const);
        const widths = wider.map(([band, px]) => [band, tokenKinds.dimension.write(px)]);
        return [
          id,
          {
            $value: tokenKinds.dimension.write(first![1]),
            $description: name,
            ...(widths.length > 0 && {
              $extensions: { [EXTENSION]: { widths: Object.fromEntries(widths) } },
            }),
          },
        ];
      }),
  ),
});

/**
 * The look of a house as a file of Design Tokens (W3C community group format, 2025.10): its colours, and all that is
 * set of its elements, which name the colours that they follow.
 */
export function writeTokens({
  colours,
  style,
  scale,
  bands,
}: Pick<House, 'colours' | 'style' | 'scale' | 'bands'>): object {
  const byElement = new Map<string, SetValue[]>();
  for (const one of setValues(style)) {
    const { id } = one.element;
    byElement.set(id, [...(byElement.get(id) ?? []), one]);
  }
  return {
    color: Object.fromEntries(
      HOUSE_COLOUR_IDS.map((id) => [
        id,
        {
          $type: 'color',
          $value: tokenKinds.color.write(colours[id]),
          $description: HOUSE_COLOURS[id],
        },
      ]),
    ),
    [SCALE]: scaleGroup(scale, bands),
    ...(byElement.size > 0 && {
      [ELEMENTS]: Object.fromEntries([...byElement].map(([id, values]) => [id, elementGroup(values, bands)])),
    }),
  };
}
