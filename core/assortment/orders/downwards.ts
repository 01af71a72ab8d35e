/** A text by which what is sorted upwards stands from the last to the first, code unit by code unit. */
export const downwards = (text: string): string =>
  // What goes on after the end of another comes before it.
  `${Array.from({ length: text.length }, (_, i) => String.fromCharCode(0xffff - text.charCodeAt(i))).join('')}\uffff`;
