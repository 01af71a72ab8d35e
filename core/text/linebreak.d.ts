declare module 'linebreak' {
  /** Finds where a text may end a line, by UAX #14. */
  export default class LineBreaker {
    constructor(text: string);
    /** The next such place, in UTF-16 units; null past the end. `required` where a line has to end. */
    nextBreak(): { position: number; required?: boolean } | null;
  }
}
