import { listPicture, spread, visible } from './sizes.tsx';
import type { Section } from './section.ts';

/** Sections of the line Across, in their order; to add one, define it and list it here. */
export const acrossSections: readonly Section[] = [visible, listPicture, spread];
