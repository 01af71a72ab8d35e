/** Stars that a rating is out of, and how wide and high each is, px. */
export const STARS = 5;
export const STAR_PX = 14;
