/** Declarations for words that are read out and not seen; and for the same where they are seen again. */
export const UNSEEN = 'position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)';
export const SEEN = 'position:static;width:auto;height:auto;overflow:visible;clip-path:none';
