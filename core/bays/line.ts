import { bandAt } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { byBand } from '../css/containers.ts';
import { lowered } from '../sentence/sentence.ts';
import { setting, varying } from '../settings/setting.ts';
import { choice, integer } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { colourCss, houseColour, sayColour } from '../style/houseColour.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

const LINES = {
  none: 'No line',
  solid: 'Solid',
  dashed: 'Dashed',
  dotted: 'Dotted',
  double: 'Double',
} as const;
type LineKind = keyof typeof LINES;

const withoutLine = (read: (id: string) => unknown) => (read('line') === 'none' ? 'There is no line' : null);

const settings = {
  picture: {
    height: varying(integer(0, 400, 'px', { step: 4 }), 32, {
      name: 'Height',
      find: ['space', 'height', 'room'],
    }),
    line: setting(choice<LineKind>(LINES), 'solid', {
      name: 'Line',
      find: ['line', 'rule', 'border', 'dashed'],
      say: (line) => (line === 'none' ? 'without a line' : `${lowered(LINES[line])} line`),
    }),
    linePx: setting(integer(1, 12, 'px'), 1, {
      name: 'Width of the line',
      find: ['line', 'width', 'thick'],
      offBecause: withoutLine,
    }),
    lineColour: setting(houseColour(), 'line', {
      name: 'Colour of the line',
      find: ['line', 'colour'],
      offBecause: withoutLine,
    }),
  },
};

export interface LineContent {
  height: Varying<number>;
  line: LineKind;
  linePx: number;
  lineColour: string;
}

/** Space between two bays, with a line in the middle of it or without. */
export const lineBay: BayKind<typeof settings, LineContent> = {
  id: 'line',
  name: 'Space and line',
  settings,
  defaults: { 'look.above': 0, 'look.below': 0 },
  hasHeading: false,
  spec: [
    contentLine('picture', 'Space', ({ height, line, linePx, lineColour }, names) => [
      opens(
        sayVarying(height as Varying<number>, names, (px) => `${px} px high`),
        'height',
      ),
      ', ',
      opens(
        line === 'none'
          ? 'without a line'
          : `a ${lowered(LINES[line as LineKind])} line of ${String(linePx)} px in ${sayColour(String(lineColour))}`,
        'line',
      ),
    ]),
    lookLine,
    visibilityLine,
  ],
  addable: true,
  aroundPages: true,
  named: ({ line }) => (line === 'none' ? 'Space' : 'Line'),
  atFirst: (id) => ({ bay: { id, holds: 'line' }, shelves: [] }),
  ...withoutShelves,
  pictures: () => [],
  *view({ height, line, linePx, lineColour }) {
    return { content: { height, line, linePx, lineColour }, empty: false };
  },
  tones: () => [],
  heads: () => false,
  heightPx: ({ height, line, linePx }, _, bands, regionPx) =>
    Math.max(valueAt(height, bands, bandAt(bands, regionPx).id), line === 'none' ? 0 : linePx),
  css: ({ height, line, linePx, lineColour }, scope, bands) =>
    byBand(bands, (band) => `${scope} .space{min-height:${valueAt(height, bands, band)}px}`) +
    (line === 'none' ? '' : `${scope} hr{border-top:${linePx}px ${line} ${colourCss(lineColour)}}`),
};
