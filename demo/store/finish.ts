import type { Piece } from '../pictures/piece.ts';

export type Finish = Piece['finish'];
