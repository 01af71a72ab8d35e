/** A glaze of the pottery: how it looks, and how it is told apart on a swatch. */
export interface Glaze {
  name: string;
  colour: string;
  /** What shows where it runs thick, or where a second dip meets it. */
  deep: string;
  speckled: boolean;
  /** 0 for matt to 1 for mirror-like. */
  gloss: number;
}

export const glazes: readonly Glaze[] = [
  { name: 'Fogbank', colour: '#8fa9bd', deep: '#5d7a92', speckled: false, gloss: 0.6 },
  { name: 'Tidewrack', colour: '#4f7f79', deep: '#2c5450', speckled: false, gloss: 0.7 },
  { name: 'Oatmeal', colour: '#d8c9a8', deep: '#b39a6c', speckled: true, gloss: 0.25 },
  { name: 'Rustfall', colour: '#b4502c', deep: '#7a2f17', speckled: false, gloss: 0.75 },
  { name: 'Lichen', colour: '#8c9d62', deep: '#5d6d3a', speckled: true, gloss: 0.35 },
  { name: 'Inkwell', colour: '#24425a', deep: '#12222f', speckled: false, gloss: 0.85 },
  { name: 'Heather', colour: '#b98a9a', deep: '#875a6c', speckled: false, gloss: 0.5 },
  { name: 'Chalk', colour: '#ece7dc', deep: '#c9c0ae', speckled: false, gloss: 0.3 },
  { name: 'Peat', colour: '#4a372e', deep: '#281c17', speckled: false, gloss: 0.55 },
  { name: 'Amber', colour: '#cf8f3a', deep: '#965b16', speckled: false, gloss: 0.9 },
  { name: 'Pebble', colour: '#a9acab', deep: '#7b7f7f', speckled: true, gloss: 0.2 },
  { name: 'Midnight', colour: '#2f3263', deep: '#191a39', speckled: false, gloss: 0.8 },
  { name: 'Samphire', colour: '#6fa07c', deep: '#3f6d4e', speckled: false, gloss: 0.65 },
  { name: 'Sandbar', colour: '#d9b48a', deep: '#ad8353', speckled: true, gloss: 0.3 },
];

export const glazeNamed = (name: string): Glaze => {
  const found = glazes.find((glaze) => glaze.name === name);
  if (!found) throw new RangeError(`There is no glaze "${name}".`);
  return found;
};
