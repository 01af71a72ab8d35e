declare module 'fontverter' {
  /** Turns a font file into another format, and throws when it is no font. */
  export function convert(
    file: Uint8Array,
    to: 'truetype' | 'woff' | 'woff2',
  ): Promise<Uint8Array<ArrayBuffer>>;
}
