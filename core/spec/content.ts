import type { Names, Piece, Sentence } from '../sentence/sentence.ts';
import type { LineId } from '../settings/setting.ts';
import type { Line, LineInput } from './line.ts';

/** A piece of a sentence that opens a setting. */
export const opens = (text: string, setting: string): Piece => ({ text, opens: setting });

export const orElse = (text: unknown, none: string) => (text ? `"${String(text)}"` : none);

/** A line about a bay that has content of its own. */
export const contentLine = (
  id: LineId,
  name: string,
  say: (bay: LineInput['bay'], names: Names) => Sentence,
): Line => ({ id, name, say: ({ bay, names }) => say(bay, names) });

export const linkLine = contentLine('link', 'Link', ({ link }) => [
  opens(link ? `Link to ${String(link)}` : 'No link', 'link'),
]);
