import { equalHeights, slideHeight } from './heights.tsx';
import { lastRow, lastRowAlign } from './LastRow.tsx';
import { moving } from './Moving.tsx';
import type { Section } from './section.ts';

/** Sections of the line Form, in their order; to add one, define it and list it here. */
export const formSections: readonly Section[] = [slideHeight, equalHeights, lastRow, lastRowAlign, moving];
