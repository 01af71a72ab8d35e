/** Inputs that take no letters. */
const UNLETTERED = new Set(['checkbox', 'radio', 'range', 'button']);

/** Whether keys that are pressed here are letters of a text, and so no commands. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement
    ? !UNLETTERED.has(target.type)
    : target instanceof HTMLElement &&
      (target.isContentEditable || /^(TEXTAREA|SELECT)$/.test(target.tagName));
