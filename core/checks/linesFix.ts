import { partKind } from '../card/parts/index.ts';
import { counted } from '../sentence/sentence.ts';
import type { Fix } from './check.ts';

/** More lines, where so many can be set. */
export function linesFix(shelfId: string, part: string, needed: number): Fix | null {
  const { allowsLines } = partKind(part)!;
  if (!allowsLines || needed > allowsLines.most) return null;
  return {
    words: `Allow ${counted(needed, 'line')}`,
    command: {
      do: 'set',
      on: { shelf: shelfId },
      setting: `card.parts.${part}.${allowsLines.setting}`,
      value: needed,
    },
  };
}
