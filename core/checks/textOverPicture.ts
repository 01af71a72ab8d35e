import { contrast, LEAST_CONTRAST, nearestPassing, sayContrast } from '../colour/contrast.ts';
import { layoutKind } from '../layouts/index.ts';
import type { Plan } from '../plan/plan.ts';
import { slotsOf } from '../card/slots.ts';
import { counted } from '../sentence/sentence.ts';
import { groundsOver, leastContrast, textOver, type OverDrawn } from '../style/overPictures.ts';
import type { StyleElement } from '../style/element.ts';
import { stateKinds, type StateId } from '../style/states.ts';
import { elementsOn } from '../style/styleTree.ts';
import type { BayView, PageView, ShelfView } from '../view/view.ts';
import { ofShelves, type Fix, type FoundOnShelf, type PageCheck } from './check.ts';

/** States of cards that text is looked at in. */
const LOOKED_AT: readonly StateId[] = ['rest', 'cardHover'];

/** Elements of texts that cards show over their pictures; what is in a zone has a background of its own. */
function textsOf(shelf: ShelfView, cards: ShelfView['cards']): StyleElement[] {
  const inZones = new Set(slotsOf(shelf.card).zones.flatMap(({ parts }) => parts));
  const shown = new Set<string>(cards.flatMap(({ parts }) => parts.map(({ part }) => part)));
  return elementsOn('shelf').filter(
    ({ id, takes, from }) => takes.includes('textColour') && !from && shown.has(id) && !inZones.has(id),
  );
}

/** Text of a shelf in a state that does not stand out: what, in which colour, and on what. */
interface Low {
  element: StyleElement;
  text: string;
}

function lowIn(
  levels: readonly [ShelfView['style'], PageView['style']],
  elements: readonly StyleElement[],
  state: StateId,
  drawn: OverDrawn,
): { low: Low[]; grounds: string[]; least: number } {
  const grounds = groundsOver(levels, state, drawn);
  const low: Low[] = [];
  let least = Infinity;
  for (const element of elements) {
    const text = textOver(levels, element, state, drawn);
    if (text === null) continue;
    const ratio = leastContrast(text, grounds);
    if (ratio >= LEAST_CONTRAST) continue;
    low.push({ element, text });
    least = Math.min(least, ratio);
  }
  return { low, grounds, least };
}

function overOn(view: PageView, shelf: ShelfView, { empty, look }: BayView, plan: Plan): FoundOnShelf | null {
  const over = shelf.steps.filter(
    ({ layout, hasPicture, placing }) =>
      hasPicture && placing.reach > 0 && layoutKind(layout).card !== 'ground',
  );
  if (empty || over.length === 0 || !plan.shelves[shelf.id]) return null;
  const cards = shelf.cards.filter((_, i) =>
    over.some(({ shows }) => {
      const place = shelf.held.start + i;
      return place >= shows.start && place < shows.end;
    }),
  );
  const pictures = cards.flatMap(({ parts }) =>
    parts.flatMap((part) => ('picture' in part && part.picture ? part.picture.dominant : [])),
  );
  if (pictures.length === 0) return null;
  const levels = [shelf.style, view.style] as const;
  const elements = textsOf(shelf, cards);
  const drawn: OverDrawn = {
    bands: view.bands,
    colours: view.colours,
    behind: look.background,
    background: shelf.card.text.background,
    reach: Math.max(...over.map(({ placing }) => placing.reach)) / 100,
    pictures: [...new Set(pictures)],
  };
  for (const state of LOOKED_AT) {
    const { low, grounds, least } = lowIn(levels, elements, state, drawn);
    if (low.length === 0) continue;
    const worst = pictures.filter((picture) => {
      const behind = groundsOver(levels, state, { ...drawn, pictures: [picture] });
      return low.some(({ text }) => behind.some((ground) => contrast(text, ground) < LEAST_CONTRAST));
    });
    const { said } = stateKinds[state];
    return {
      text: `Text over ${counted(worst.length, 'picture')} is hard to read${said && ` ${said}`}: contrast ${sayContrast(least)}, at least ${LEAST_CONTRAST} is needed`,
      element: low[0]!.element.id,
      fix: fixOf(shelf.id, levels, elements, drawn, state, low, grounds),
      goTo: state === 'rest' ? 'card' : 'look',
    };
  }
  return null;
}

/** The nearest colours that stand out from all that is behind the text; where there are none, a dark background. */
function fixOf(
  shelf: string,
  levels: readonly [ShelfView['style'], PageView['style']],
  elements: readonly StyleElement[],
  drawn: OverDrawn,
  state: StateId,
  low: readonly Low[],
  grounds: readonly string[],
): Fix | null {
  const on = { shelf };
  const isDarkEnough = LOOKED_AT.every(
    (one) => lowIn(levels, elements, one, { ...drawn, background: 'dark' }).low.length === 0,
  );
  const dark: Fix | null = isDarkEnough
    ? {
        words: 'Dark background',
        command: { do: 'set', on, setting: 'card.text.background', value: 'dark' },
      }
    : null;
  const colours = low.map(({ element, text }) => ({
    element,
    colour: nearestPassing(text, grounds, LEAST_CONTRAST),
  }));
  // At rest a background mends all states at once, where it does.
  if (state === 'rest' && dark) return dark;
  if (colours.some(({ colour }) => colour === null)) return dark;
  const named = [...new Set(colours.map(({ colour }) => colour))];
  return {
    words: named.length === 1 ? `Use ${named[0]}` : `Use ${named.length} colours that do`,
    command: {
      do: 'together',
      commands: colours.map(({ element, colour }) => ({
        do: 'set',
        on,
        setting: `style.${element.id}.${state}.textColour`,
        value: colour,
      })),
    },
  };
}

/**
 * Text over pictures that it does not stand out from, at rest or on hover, by the colour that most of each picture is of
 * and by what is drawn over it. A layout of which the picture is the background has a dark one of its own.
 */
export const textOverPicture: PageCheck = {
  id: 'text-over-picture',
  title: 'Text that does not stand out from its picture',
  severity: 'weak',
  reads: 'page',
  find: (view, plan) => ofShelves(view, (shelf, bay) => overOn(view, shelf, bay, plan)),
};
