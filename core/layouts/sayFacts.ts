import type { Rows } from '../geometry/rows.ts';
import { counted } from '../sentence/sentence.ts';
import type { StepView } from '../view/view.ts';

const inTenths = (value: number) => (Math.round(value * 10) / 10).toString();

/** "3 rows, the last with 2 of 4". */
export const sayRows = ({ rows, last, full }: Rows, across: number): string =>
  `${counted(rows, 'row')}${full || rows === 0 ? '' : `, the last with ${last} of ${across}`}`;

/** How a shelf moves, or why it does not. */
export function sayMotion({ motion }: Pick<StepView, 'motion'>): string {
  if (!motion.moves) return 'does not move: all are in sight';
  // What does not loop goes back to its start from its end.
  const round =
    motion.roundS === null
      ? ''
      : `, ${inTenths(motion.roundS)} s ${motion.loops ? 'for a full round' : 'to the end'}`;
  return `${counted(motion.stops, 'stop')}${round}`;
}
