import { cardFrame } from './cardFrame.tsx';
import { textOver, textSide, textWhen } from './cardText.tsx';
import type { Section } from './section.ts';

/** Sections of the line Card, in their order; to add one, define it and list it here. */
export const cardSections: readonly Section[] = [textSide, textOver, textWhen, cardFrame];
