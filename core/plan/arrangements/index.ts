import type { Bands } from '../../bands/bands.ts';
import type { Command } from '../commands.ts';
import type { Arrangement } from './arrangement.ts';
import { evenRows } from './evenRows.ts';
import { fewAndLarge } from './fewAndLarge.ts';
import { largeAndSmall } from './largeAndSmall.ts';
import { lines } from './lines.ts';
import { manySmall } from './manySmall.ts';
import { oneLarge } from './oneLarge.ts';
import { ownHeights } from './ownHeights.ts';
import { pagesToTurn } from './pagesToTurn.ts';
import { rowsOfATable } from './rowsOfATable.ts';
import { rowThatRunsOn } from './rowThatRunsOn.ts';
import { wordsOnPictures } from './wordsOnPictures.ts';
import { wrapped } from './wrapped.ts';

/** Every ready-made arrangement, in the order in which they are offered; to add one, define it and list it here. */
export const arrangements: readonly Arrangement[] = [
  evenRows,
  manySmall,
  fewAndLarge,
  wrapped,
  wordsOnPictures,
  largeAndSmall,
  rowThatRunsOn,
  oneLarge,
  lines,
  rowsOfATable,
  ownHeights,
  pagesToTurn,
];

/** Puts a shelf into a ready-made arrangement, in one step. */
export const startFrom = (shelf: string, { settings }: Arrangement, bands: Bands): Command => ({
  do: 'together',
  commands: Object.entries(settings(bands)).map(([setting, value]) => ({
    do: 'set',
    on: { shelf },
    setting,
    value,
  })),
});
