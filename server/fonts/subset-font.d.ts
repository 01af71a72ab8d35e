declare module 'subset-font' {
  /** A font with the characters of a text alone; an axis is kept, or held at one value. */
  export default function subsetFont(
    font: Uint8Array,
    text: string,
    options: {
      targetFormat: 'truetype' | 'woff' | 'woff2';
      variationAxes?: Readonly<Record<string, number | { min: number; max: number }>>;
    },
  ): Promise<Uint8Array<ArrayBuffer>>;
}
