import { pageStyles } from '../core/css/pageCss.ts';
import { textHardToRead } from '../core/checks/textHardToRead.ts';
import { contrast, LEAST_CONTRAST, nearestPassing } from '../core/colour/contrast.ts';
import { noCells } from '../core/picture/cells.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import { specimenNames, specimenShelf, specimenStored, specimenView } from '../core/specimen/specimen.ts';
import { partsOf } from '../core/card/parts/index.ts';
import { elementsOn, takenIn } from '../core/style/styleTree.ts';
import { random, type Random } from '../demo/random.ts';
import { atMost, distribution, type Figure } from './figure.ts';

const TIMES = 60;
const SHELVES = 12;
const PAIRS = 10_000;

const anyColour = (of: Random): string => `#${of.whole(0, 0xffffff).toString(16).padStart(6, '0')}`;

/** Text and background of every element of a shelf in every state, each a colour of its own. */
function everyColour(of: Random): object {
  const style: Record<string, Record<string, Record<string, string>>> = {};
  for (const element of elementsOn('shelf'))
    for (const state of element.states)
      for (const property of takenIn(element, state))
        if (property === 'textColour' || property === 'background')
          ((style[element.id] ??= {})[state] ??= {})[property] = anyColour(of);
  return style;
}

const everyPart = Object.fromEntries(partsOf('products').map(({ id }) => [id, { shown: { phone: true } }]));

/** All contrast of a page of twelve shelves that style all they have in every state, and colours that pass instead. */
export function contrastFigures(): Figure[] {
  const taken: number[] = [];
  let found = 0;
  for (let i = 0; i < TIMES; i += 1) {
    const of = random(`contrast ${i}`);
    const plan = completePlan(
      specimenStored(
        Array.from({ length: SHELVES }, (_, n) =>
          specimenShelf(`s${n}`, { card: { parts: everyPart }, style: everyColour(of) } as never),
        ),
      ),
    );
    const view = specimenView(plan, 8);
    // It is drawn before it is checked.
    pageStyles(view);
    const start = performance.now();
    found += textHardToRead.find(view, plan, specimenNames, noCells).length;
    taken.push(performance.now() - start);
  }
  if (found < TIMES * SHELVES) throw new Error(`Only ${found} were found.`);
  const of = random('pairs');
  const pairs = Array.from({ length: PAIRS }, () => [anyColour(of), anyColour(of)] as const);
  const start = performance.now();
  const offered = pairs.map(([text, on]) => nearestPassing(text, [on], LEAST_CONTRAST));
  const took = performance.now() - start;
  const passing = offered.filter(
    (one, i) => one !== null && contrast(one, pairs[i]![1]) >= LEAST_CONTRAST,
  ).length;
  return [
    distribution('Contrast of twelve shelves, every element in every state', 'ms', taken.slice(5), 16),
    atMost('The nearest colour that passes, of 10 000 pairs in all', 'ms', took, 1000),
    atMost('Of these without one, or with one that does not pass', 'colours', PAIRS - passing, 0),
  ];
}
