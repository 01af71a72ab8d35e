import { SQUARE, type Line } from './line.ts';

/** Tiles. */
export const tiles: readonly Line[] = [
  {
    form: 'plain tiles',
    categories: ['plain-tiles'],
    things: (glaze) => [{ draw: 'tiles', glaze, across: 3, relief: 'plain' }],
    price: 5400,
    pieces: 6,
    size: SQUARE,
    tags: ['wall'],
    firedAt: 1060,
    words: 'Nine tiles of 10 cm, no two quite alike.',
  },
  {
    form: 'arc tiles',
    categories: ['relief-tiles'],
    things: (glaze) => [{ draw: 'tiles', glaze, across: 3, relief: 'arcs' }],
    price: 6800,
    pieces: 5,
    size: SQUARE,
    tags: ['wall'],
    firedAt: 1060,
    words: 'Turn each one as you like: the arcs always meet.',
  },
  {
    form: 'leaf tiles',
    categories: ['relief-tiles'],
    things: (glaze) => [{ draw: 'tiles', glaze, across: 2, relief: 'leaf' }],
    price: 6200,
    pieces: 4,
    size: SQUARE,
    tags: ['wall'],
    firedAt: 1060,
    words: 'A leaf from the hedge behind the kiln, pressed into the clay.',
  },
  {
    form: 'hearth tiles',
    categories: ['hearth-tiles'],
    things: (glaze) => [{ draw: 'tiles', glaze, across: 2, relief: 'plain' }],
    price: 8800,
    pieces: 3,
    size: SQUARE,
    tags: ['wall', 'large'],
    firedAt: 1240,
    words: 'Two centimetres thick, for floors that get hot.',
  },
];
