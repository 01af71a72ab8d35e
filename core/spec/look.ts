import { capital, type Piece } from '../sentence/sentence.ts';
import { opens } from './content.ts';
import { sayVarying } from './sayVarying.ts';
import { sayStyle } from './sayStyle.ts';
import type { Line } from './line.ts';

const LIES = { over: 'over', under: 'behind' };

/** @param around in the header or the footer, where a bay has its place instead of a width */
const lookOf = (around: boolean): Line => ({
  id: 'look',
  name: 'Look',
  say: ({ bay, shelf, names }) => {
    const heading: Piece[] = bay.heading.words
      ? [opens(`Headed "${bay.heading.words}"`, 'heading.words'), ', ']
      : [];
    const width = {
      window: 'full width',
      content: 'content width',
      own: `at most ${bay.look.ownPx} px wide`,
    }[bay.look.width];
    const background = bay.look.background ? `background ${bay.look.background}` : "the page's background";
    const above = sayVarying(bay.look.above, names, (px) => `${px} px`);
    const below = sayVarying(bay.look.below, names, (px) => `${px} px`);
    return [
      ...heading,
      ...(around ? [] : [opens(heading.length ? width : capital(width), 'look.width'), ', ']),
      opens(around && !heading.length ? capital(background) : background, 'look.background'),
      '; ',
      ...(above === below
        ? [opens(`${above} above and below`, 'look.above')]
        : [opens(`${above} above`, 'look.above'), ' and ', opens(`${below} below`, 'look.below')]),
      ...(!around && Object.values(bay.look.rise).some((px) => px > 0)
        ? ['; ', opens(`moved up ${LIES[bay.look.lies]} what is above`, 'look.rise')]
        : []),
      ...sayStyle([bay.style, ...(shelf ? [shelf.style] : [])], names),
    ];
  },
});

export const lookLine = lookOf(false);
export const lookAroundLine = lookOf(true);
