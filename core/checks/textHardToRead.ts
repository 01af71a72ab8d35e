import { bayKind } from '../bays/index.ts';
import { nearestPassing, sayContrast } from '../colour/contrast.ts';
import type { Target } from '../plan/target.ts';
import { lowered } from '../sentence/sentence.ts';
import type { Plan } from '../plan/plan.ts';
import { labelEverShown } from '../card/shown.ts';
import { labelForms } from '../label/labelForms.ts';
import { slotsOf } from '../card/slots.ts';
import { contrastsOf, type Contrast, type DrawnIn } from '../style/contrast.ts';
import type { StyleElement } from '../style/element.ts';
import { elementsOn, type Style } from '../style/styleTree.ts';
import { layoutKind } from '../layouts/index.ts';
import { inPx } from '../style/inPx.ts';
import type { Levels } from '../style/resolve.ts';
import { coversPictures } from '../style/textBlockAt.ts';
import { setValues } from '../style/setValues.ts';
import { stateKinds, type StateId } from '../style/states.ts';
import { readPath } from '../settings/path.ts';
import { isDrawnIn, isDrawnOn } from '../view/elementsDrawn.ts';
import { textsOver } from '../view/textsOver.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import type { BayView, PageView, ShelfView, StepView } from '../view/view.ts';
import type { Found, PageCheck, Place } from './check.ts';

/** What can make text of an element stand out less. */
const COUNTS = new Set(['textColour', 'background', 'borderColour', 'size', 'weight']);

/** Nothing is styled that this is about, as almost everywhere. */
const isPlain = (levels: Levels): boolean =>
  levels.every((style) => !setValues(style).some(({ property }) => COUNTS.has(property)));

interface Low {
  contrast: Contrast;
  element: StyleElement;
  state: StateId;
  /** It would be as easy to read as any were nothing styled of the page itself. */
  ofPage: boolean;
}

const isAs = (one: Contrast, other: Contrast): boolean => one.colour === other.colour && one.on === other.on;

function lowIn(levels: Levels, among: readonly StyleElement[], drawn: DrawnIn): Low[] {
  if (isPlain(levels)) return [];
  const low: Low[] = [];
  for (const element of among) {
    const atRest = contrastsOf(levels, element, 'rest', drawn);
    for (const state of element.states)
      for (const one of state === 'rest' ? atRest : contrastsOf(levels, element, state, drawn)) {
        // What nobody set is the business of the colours of the house; what is as at rest is mended there.
        if (one.level === null || one.ratio >= one.need) continue;
        if (state !== 'rest' && atRest.some((rest) => isAs(one, rest))) continue;
        low.push({ contrast: one, element, state, ofPage: false });
      }
  }
  return low;
}

/** The same, each told whether it is so on this page alone, where something is styled of that. */
function lowOnPage(
  own: Style,
  { style }: PageView,
  house: Style | null,
  among: readonly StyleElement[],
  drawn: DrawnIn,
): Low[] {
  const low = lowIn([own, style], among, drawn);
  if (house === null || low.length === 0) return low;
  const elsewhere = lowIn([own, house], among, drawn);
  const isSame = (one: Low, other: Low) =>
    one.element === other.element &&
    one.state === other.state &&
    one.contrast.property === other.contrast.property &&
    one.contrast.form === other.contrast.form &&
    isAs(one.contrast, other.contrast);
  return low.map((one) => ({
    ...one,
    ofPage: one.contrast.level! > 0 && !elsewhere.some((other) => isSame(one, other)),
  }));
}

/** Where what makes it so is set: on the shelf or the bay itself, on the page, or for the house. */
type SetAt = keyof typeof IN_WORDS;
const IN_WORDS = { here: '', page: ', in the style of this page', house: ', in House style' };

function setAt({ contrast, ofPage }: Low): SetAt {
  if (contrast.level === 0) return 'here';
  return ofPage ? 'page' : 'house';
}

const isGround = ({ layout }: StepView): boolean => layoutKind(layout).card === 'ground';

/** Elements whose text is on the card itself: what is on a picture has a background of its own. */
function onCards(shelf: ShelfView, plan: Plan, { style, bands }: PageView): StyleElement[] {
  const settings = plan.shelves[shelf.id];
  const read = (id: string) => readPath(settings, id);
  const onPictures = new Set(slotsOf(shelf.card).zones.flatMap(({ parts }) => parts));
  const isCovered = coversPictures([shelf.style, style], shelf.card.text.background, bands);
  const isOver = (isCovered ? shelf.steps.filter(isGround) : shelf.steps).some(textsOver);
  return elementsOn('shelf').filter(
    (one) =>
      isDrawnOn(one, shelf, read) &&
      !onPictures.has(one.id) &&
      !(isOver && one.ofCard === 'within' && !one.labelled),
  );
}

/** One finding for each element and state; what the house sets is said once. */
export const textHardToRead: PageCheck = {
  id: 'text-hard-to-read',
  title: 'Text, signs and edges that do not stand out from what they are drawn on',
  severity: 'wrong',
  reads: 'page',
  find(view, plan, names) {
    const found = new Map<string, Found & { ratio: number }>();
    const tell = (low: Low, at: Place, on: Target) => {
      const { element, state, contrast } = low;
      const { ratio, need, colour, property, form } = contrast;
      const set = setAt(low);
      const places: Record<SetAt, { on: Target; at: Place }> = {
        here: { on, at },
        page: { on: { page: view.pageId }, at: { on: 'page', page: view.pageId } },
        house: { on: { house: true }, at: { on: 'house' } },
      };
      const mended = places[set];
      const key = `${JSON.stringify(mended.on)} ${element.id} ${state} ${property}`;
      const before = found.get(key);
      if (before && before.ratio <= ratio) return;
      // What is a label's own is changed there.
      const offered = contrast.ofForm ? null : nearestPassing(colour, contrast.grounds, need);
      const { said } = stateKinds[state];
      const named = `${element.name}${form === null ? '' : ` (${form})`}${said && ` ${said}`}`;
      found.set(key, {
        ratio,
        at: mended.at,
        text: `Low contrast: ${lowered(named)}, ${sayContrast(ratio)}:1 on ${contrast.on}, needs ${need}:1${IN_WORDS[set]}`,
        element: element.id,
        fix:
          offered === null
            ? null
            : {
                words: `Use ${offered}`,
                command: {
                  do: 'set',
                  on: mended.on,
                  setting: `style.${element.id}.${state}.${property}`,
                  value: offered,
                },
              },
        goTo: set === 'here' ? 'look' : null,
      });
    };
    const drawnIn = (bay: BayView, framed: boolean, labels: DrawnIn['labels'] = []): DrawnIn => ({
      bands: view.bands,
      colours: view.colours,
      behind: bay.look.background,
      framed,
      labels,
    });
    const { bands, scale, style } = plan.house;
    const isStyled = setValues(plan.pages[view.pageId]?.style ?? {}).length > 0;
    const house = isStyled ? inPx(style, scale, bands) : null;
    for (const bay of view.bays) {
      if (bay.empty) continue;
      const place: Place = { on: 'bay', page: view.pageId, bay: bay.id };
      const isPictured = bayKind(bay.content.holds).tones(bay.content).length > 0;
      const settings = plan.pages[view.pageId]?.bays.find(({ id }) => id === bay.id);
      const among = elementsOn('bay').filter(
        (one) => isDrawnIn(one, bay, (path) => readPath(settings, path)) && !(one.overPicture && isPictured),
      );
      for (const low of lowOnPage(bay.style, view, house, among, drawnIn(bay, false)))
        tell(low, place, { page: view.pageId, bay: bay.id });
    }
    for (const { bay, shelf } of shelvesOn(view)) {
      if (bay.empty || shelf.coming) continue;
      const place: Place = { on: 'shelf', page: view.pageId, bay: bay.id, shelf: shelf.id };
      const labels = plan.house.labels.list.filter((label) => labelEverShown(shelf.card, label));
      const drawn = drawnIn(bay, shelf.card.frame !== 'plain', labelForms(labels, view.colours, names));
      for (const low of lowOnPage(shelf.style, view, house, onCards(shelf, plan, view), drawn))
        tell(low, place, { shelf: shelf.id });
    }
    return [...found.values()].map(({ ratio: _, ...one }) => one);
  },
};
