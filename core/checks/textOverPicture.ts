import type { Bands } from '../bands/bands.ts';
import { bayKind } from '../bays/index.ts';
import { rgbOf, nearestPassing, sayContrast } from '../colour/contrast.ts';
import { slotsOf } from '../card/slots.ts';
import type { CellsOf } from '../picture/cells.ts';
import { patchesIn, type Patch } from '../picture/patches.ts';
import type { Command } from '../plan/commands.ts';
import type { Target } from '../plan/target.ts';
import { counted, listed } from '../sentence/sentence.ts';
import { leastOfText } from '../style/contrast.ts';
import { NO_SHELF, type StyleElement } from '../style/element.ts';
import { overlayElement } from '../style/elements/overPictures.ts';
import {
  groundsOver,
  leastContrast,
  overlayIn,
  telling,
  textOver,
  type OverDrawn,
  type OverlayDrawn,
} from '../style/overPictures.ts';
import { resolve, type Levels } from '../style/resolve.ts';
import { coversPictures } from '../style/textBlockAt.ts';
import { stateKinds, type StateId } from '../style/states.ts';
import { elementsOn } from '../style/styleTree.ts';
import { readPath } from '../settings/path.ts';
import type { BayView, PageView, ShelfView } from '../view/view.ts';
import { bayUnderText, shelfUnderText, type UnderText } from '../view/underText.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import type { Fix, Found, FoundOnShelf, PageCheck } from './check.ts';

/** States of cards that text is looked at in. */
const LOOKED_AT: readonly StateId[] = ['rest', 'cardHover'];

/** What is seen of a picture under text, at the bands at which it is held alike. */
interface Under extends Pick<UnderText, 'onHover' | 'bandIds'> {
  id: string;
  patches: readonly Patch[];
}

/** Text over pictures: in what it is drawn, and what it is drawn on. */
interface Over {
  on: Target;
  levels: Levels;
  elements: readonly StyleElement[];
  drawn: OverDrawn;
  pictures: readonly Under[];
  /** It can be given a background. */
  takesBackground: boolean;
}

interface Low {
  element: StyleElement;
  text: string;
  ratio: number;
  need: number;
}

const seenIn = (pictures: Over['pictures'], state: StateId) =>
  pictures.filter(({ onHover }) => !onHover || state !== 'rest');

const patchesOf = ({ pictures }: Over, state: StateId): Patch[] =>
  seenIn(pictures, state).flatMap(({ patches }) => patches);

/** Text of each element that there is, with how it stands out. */
const textsOn = ({ levels, elements, drawn }: Over, state: StateId, grounds: readonly number[]): Low[] =>
  elements.flatMap((element) => {
    const text = textOver(levels, element, state, drawn);
    return text === null
      ? []
      : [
          {
            element,
            text,
            ratio: leastContrast(text, grounds),
            need: leastOfText(levels, element, drawn.bands),
          },
        ];
  });

const isLow = ({ ratio, need }: Low): boolean => ratio < need;

function groundsIn(
  over: Over,
  state: StateId,
  overlay = overlayIn(over.levels, state, over.drawn),
): number[] {
  return groundsOver(patchesOf(over, state), overlay, over.drawn);
}

const uses = (colours: readonly string[]): string =>
  colours.length === 1 ? `Use ${colours[0]}` : `Use ${colours.length} colours that do`;

const setColours = (on: Target, state: StateId, colours: ReadonlyMap<StyleElement, string>): Command[] =>
  [...colours].map(([{ id }, value]) => ({
    do: 'set',
    on,
    setting: `style.${id}.${state}.textColour`,
    value,
  }));

/** The nearest colours in which these texts stand out from all of the backgrounds; null where one of them has none. */
function coloursFor(texts: readonly Low[], grounds: readonly number[]): Map<StyleElement, string> | null {
  const few = telling(grounds);
  const found = new Map<StyleElement, string>();
  for (const { element, text, need } of texts) {
    const colour = nearestPassing(text, few, need);
    if (colour === null) return null;
    found.set(element, colour);
  }
  return found;
}

/** How much of an overlay is tried, percent. */
const STRENGTHS = Array.from({ length: 18 }, (_, i) => 10 + 5 * i);

/** The weakest even overlay over which the texts stand out as they are, or else in colours near to theirs. */
function overlayFix(over: Over, state: StateId): Fix | null {
  const { on, drawn } = over;
  if (!drawn.overlay.states.includes(state)) return null;
  const colours = ['#000000', '#ffffff'];
  const tries = STRENGTHS.flatMap((percent) => colours.map((colour) => ({ percent, colour })));
  for (const keeps of [true, false])
    for (const { percent, colour } of tries) {
      const overlay: OverlayDrawn = { kind: 'plain', colour: rgbOf(colour), strength: percent / 100 };
      const grounds = groundsIn(over, state, overlay);
      const texts = textsOn(over, state, grounds);
      const low = texts.filter(isLow);
      if (keeps && low.length > 0) continue;
      const used = coloursFor(low, grounds);
      if (!used) continue;
      const style = (property: string, value: unknown): Command => ({
        do: 'set',
        on,
        setting: `style.${drawn.overlay.id}.${state}.${property}`,
        value,
      });
      return {
        words: `Draw ${colour === '#000000' ? 'a dark' : 'a light'} overlay of ${percent}%`,
        command: {
          do: 'together',
          commands: [
            style('overlay', 'plain'),
            style('overlayColour', colour),
            style('opacity', percent),
            ...setColours(on, state, used),
          ],
        },
      };
    }
  return null;
}

/** The nearest colours that do, a dark background, or an overlay. */
function fixOf(over: Over, state: StateId, low: readonly Low[], grounds: readonly number[]): Fix | null {
  const { on, takesBackground } = over;
  const onDark: Over = { ...over, drawn: { ...over.drawn, background: 'dark' } };
  const isDarkEnough =
    takesBackground && LOOKED_AT.every((one) => !textsOn(onDark, one, groundsIn(onDark, one)).some(isLow));
  const dark: Fix | null = isDarkEnough
    ? {
        words: 'Dark background',
        command: { do: 'set', on, setting: 'card.text.background', value: 'dark' },
      }
    : null;
  // At rest a background mends all states at once, where it does.
  if (state === 'rest' && dark) return dark;
  const colours = coloursFor(low, grounds);
  if (!colours) return dark ?? overlayFix(over, state);
  return {
    words: uses([...new Set(colours.values())]),
    command: { do: 'together', commands: setColours(on, state, colours) },
  };
}

/** The first state in which text is hard to read; null where none is. */
function foundOver(over: Over, states: readonly StateId[]): FoundOnShelf | null {
  if (over.pictures.length === 0) return null;
  for (const state of states) {
    const grounds = groundsIn(over, state);
    const low = textsOn(over, state, grounds).filter(isLow);
    if (low.length === 0) continue;
    const overlay = overlayIn(over.levels, state, over.drawn);
    const worst = seenIn(over.pictures, state).filter(({ patches }) => {
      const behind = groundsOver(patches, overlay, over.drawn);
      return low.some(({ text, need }) => leastContrast(text, behind) < need);
    });
    const least = low.reduce((a, b) => (b.ratio / b.need < a.ratio / a.need ? b : a));
    const { said } = stateKinds[state];
    const counts = counted(new Set(worst.map(({ id }) => id)).size, 'picture');
    const where = saidAt(worst, over.pictures, over.drawn.bands);
    return {
      text: `Text over ${counts} is hard to read${said && ` ${said}`}${where}: contrast ${sayContrast(least.ratio)}, at least ${least.need} is needed`,
      element: least.element.id,
      fix: fixOf(over, state, low, grounds),
      goTo: state === 'rest' && over.takesBackground ? 'card' : 'look',
    };
  }
  return null;
}

/** Elements of texts that cards show over their pictures; what is in a zone has a background of its own. */
function textsOfCards(shelf: ShelfView): StyleElement[] {
  const inZones = new Set(slotsOf(shelf.card).zones.flatMap(({ parts }) => parts));
  const shown = new Set<string>(shelf.cards.flatMap(({ parts }) => parts.map(({ part }) => part)));
  return elementsOn('shelf').filter(
    ({ id, takes, from }) => takes.includes('textColour') && !from && shown.has(id) && !inZones.has(id),
  );
}

const patchesUnder = (under: readonly UnderText[], cells: CellsOf, around: string): Under[] =>
  under.map(({ picture, held, area, onHover, bandIds }) => ({
    id: picture.id,
    onHover,
    bandIds,
    patches: patchesIn(area, picture, held, cells(picture.file), rgbOf(around)),
  }));

/** Where something is, out of all bands at which it could be; nothing where it is at all of them. */
function saidAt(some: readonly Under[], all: readonly Under[], bands: Bands): string {
  const of = (under: readonly Under[]) => new Set(under.flatMap(({ bandIds }) => bandIds));
  const [here, everywhere] = [of(some), of(all)];
  return here.size === everywhere.size
    ? ''
    : ` on ${listed(bands.filter(({ id }) => here.has(id)).map(({ name }) => name))}`;
}

function onShelf(
  view: PageView,
  shelf: ShelfView,
  { empty, look }: BayView,
  cells: CellsOf,
): FoundOnShelf | null {
  if (empty) return null;
  const { bands, colours, style } = view;
  if (coversPictures([shelf.style, style], shelf.card.text.background, bands)) return null;
  const around = shelf.card.parts.picture.behind ?? colours.card;
  return foundOver(
    {
      on: { shelf: shelf.id },
      levels: [shelf.style, style],
      elements: textsOfCards(shelf),
      drawn: {
        bands,
        colours,
        behind: look.background,
        background: shelf.card.text.background,
        overlay: overlayElement,
      },
      pictures: patchesUnder(shelfUnderText(shelf, bands), cells, around),
      takesBackground: true,
    },
    LOOKED_AT,
  );
}

function onBay(view: PageView, bay: BayView, cells: CellsOf): FoundOnShelf | null {
  const kind = bayKind(bay.content.holds);
  const { textsOnPicture: on } = kind;
  if (!on || bay.empty) return null;
  const { bands, colours, style } = view;
  return foundOver(
    {
      on: { page: view.pageId, bay: bay.id },
      levels: [bay.style, style],
      // What has a background of its own does not stand on the picture.
      elements: elementsOn('bay').filter(
        (element) =>
          element.overPicture &&
          kind.elements?.includes(element.id) &&
          (element.isUsed?.((path) => readPath(bay.content, path), NO_SHELF) ?? true) &&
          typeof resolve([bay.style, style], element, 'background', 'rest', bands, bands[0]!.id).value !==
            'string',
      ),
      drawn: { bands, colours, behind: bay.look.background, background: 'none', overlay: on.overlay },
      pictures: patchesUnder(bayUnderText(bay, view), cells, bay.look.background ?? colours.card),
      takesBackground: false,
    },
    ['rest'],
  );
}

/**
 * Text over pictures that it does not stand out from, at rest or on hover: cell by cell of each picture, as it is cut,
 * under what is drawn over it. A layout of which the picture is the background has a dark one of its own.
 */
export const textOverPicture: PageCheck = {
  id: 'text-over-picture',
  title: 'Text that does not stand out from its picture',
  severity: 'weak',
  reads: 'page',
  find(view, _plan, _names, cells) {
    const found: Found[] = [];
    for (const bay of view.bays) {
      const one = onBay(view, bay, cells);
      if (one) found.push({ at: { on: 'bay', page: view.pageId, bay: bay.id }, ...one });
    }
    for (const { bay, shelf } of shelvesOn(view)) {
      const one = shelf.coming ? null : onShelf(view, shelf, bay, cells);
      if (one) found.push({ at: { on: 'shelf', page: view.pageId, bay: bay.id, shelf: shelf.id }, ...one });
    }
    return found;
  },
};
