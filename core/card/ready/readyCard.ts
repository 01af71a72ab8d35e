import type { Of } from '../../assortment/of.ts';

/** One part of a ready-made card, and where and when it stands; what is not said is as on a new card. */
export interface ReadyPart {
  part: string;
  zone?: string;
  /** On the line of the part before it. */
  shares?: true;
  onHover?: true;
  align?: 'start' | 'center' | 'end';
  /** Settings of its own without which the card would not be what it is. */
  own?: Readonly<Record<string, unknown>>;
}

/** A ready-made card: which parts there are, in which order, and where; a start, to be set in detail. */
export interface ReadyCard {
  id: string;
  name: string;
  /** What it is good for, in a sentence. */
  about: string;
  /** Kinds of item that it is for. */
  of: readonly Of[];
  parts: readonly ReadyPart[];
  /** Settings of the card as a whole by their ids; those of the text that are not said are as on a new card. */
  card?: Readonly<Record<string, unknown>>;
}
