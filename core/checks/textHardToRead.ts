import { bayKind } from '../bays/index.ts';
import { nearestPassing, sayContrast } from '../colour/contrast.ts';
import type { Target } from '../plan/target.ts';
import { lowered } from '../sentence/sentence.ts';
import type { Plan } from '../plan/plan.ts';
import { labelEverShown } from '../card/shown.ts';
import { labelForms } from '../label/labelForms.ts';
import { slotsOf } from '../card/slots.ts';
import { contrastsOf, type Contrast, type DrawnIn } from '../style/contrast.ts';
import { NO_SHELF, type StyleElement } from '../style/element.ts';
import { elementsOn } from '../style/styleTree.ts';
import { layoutKind } from '../layouts/index.ts';
import type { Levels } from '../style/resolve.ts';
import { coversPictures } from '../style/textBlockAt.ts';
import { setValues } from '../style/setValues.ts';
import { stateKinds, type StateId } from '../style/states.ts';
import { readPath } from '../settings/path.ts';
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
        low.push({ contrast: one, element, state });
      }
  }
  return low;
}

const isGround = ({ layout }: StepView): boolean => layoutKind(layout).card === 'ground';

/** Elements whose text is on the card itself: what is on a picture has a background of its own. */
function onCards(shelf: ShelfView, plan: Plan, { style, bands }: PageView): StyleElement[] {
  const settings = plan.shelves[shelf.id];
  const read = (id: string) => readPath(settings, id);
  const onPictures = new Set(slotsOf(shelf.card).zones.flatMap(({ parts }) => parts));
  const isCovered = coversPictures([shelf.style, style], shelf.card.text.background, bands);
  const isOver = (isCovered ? shelf.steps.filter(isGround) : shelf.steps).some(textsOver);
  const draws = { moves: shelf.steps.some((step) => step.moves), isTable: shelf.table !== null };
  return elementsOn('shelf').filter(
    ({ id, items, ofCard, isUsed, labelled }) =>
      (items?.includes(shelf.of) ?? true) &&
      (isUsed?.(read, draws) ?? true) &&
      !onPictures.has(id) &&
      !(isOver && ofCard === 'within' && !labelled),
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
      const { ratio, need, colour, level, property, form } = contrast;
      const ofHouse = level! > 0;
      const target: Target = ofHouse ? { house: true } : on;
      // An element is of shelves or of bays, so that their ids do not meet.
      const where = ofHouse ? '' : at.on === 'shelf' ? at.shelf : at.on === 'bay' ? at.bay : '';
      const key = `${where} ${element.id} ${state} ${property}`;
      const before = found.get(key);
      if (before && before.ratio <= ratio) return;
      // What is a label's own is changed there.
      const offered = contrast.ofForm ? null : nearestPassing(colour, contrast.grounds, need);
      const { said } = stateKinds[state];
      const named = `${element.name}${form === null ? '' : ` (${form})`}${said && ` ${said}`}`;
      found.set(key, {
        ratio,
        at: ofHouse ? { on: 'house' } : at,
        text: `Low contrast: ${lowered(named)}, ${sayContrast(ratio)}:1 on ${contrast.on}, needs ${need}:1${ofHouse ? ', in House style' : ''}`,
        element: element.id,
        fix:
          offered === null
            ? null
            : {
                words: `Use ${offered}`,
                command: {
                  do: 'set',
                  on: target,
                  setting: `style.${element.id}.${state}.${property}`,
                  value: offered,
                },
              },
        goTo: ofHouse ? null : 'look',
      });
    };
    const drawnIn = (bay: BayView, framed: boolean, labels: DrawnIn['labels'] = []): DrawnIn => ({
      bands: view.bands,
      colours: view.colours,
      behind: bay.look.background,
      framed,
      labels,
    });
    for (const bay of view.bays) {
      if (bay.empty) continue;
      const place: Place = { on: 'bay', page: view.pageId, bay: bay.id };
      const isPictured = bayKind(bay.content.holds).tones(bay.content).length > 0;
      const settings = plan.pages[view.pageId]?.bays.find(({ id }) => id === bay.id);
      const among = elementsOn('bay').filter(
        ({ id, isUsed, overPicture }) =>
          id in bay.style &&
          (isUsed?.((path) => readPath(settings, path), NO_SHELF) ?? true) &&
          !(overPicture && isPictured),
      );
      for (const low of lowIn([bay.style, view.style], among, drawnIn(bay, false)))
        tell(low, place, { page: view.pageId, bay: bay.id });
    }
    for (const { bay, shelf } of shelvesOn(view)) {
      if (bay.empty || shelf.coming) continue;
      const place: Place = { on: 'shelf', page: view.pageId, bay: bay.id, shelf: shelf.id };
      const labels = plan.house.labels.list.filter((label) => labelEverShown(shelf.card, label));
      const drawn = drawnIn(bay, shelf.card.frame !== 'plain', labelForms(labels, view.colours, names));
      for (const low of lowIn([shelf.style, view.style], onCards(shelf, plan, view), drawn))
        tell(low, place, { shelf: shelf.id });
    }
    return [...found.values()].map(({ ratio: _, ...one }) => one);
  },
};
