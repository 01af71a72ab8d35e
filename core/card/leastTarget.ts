/** What is pressed should be as wide and as high at least, px, so that a finger hits it (WCAG 2.2, 2.5.8). */
export const LEAST_TARGET_PX = 24;
