import type { StandIn, TypeFamily } from './typeFamily.ts';

/** Faces that a machine may have, all with the widths of the first, and the width of their letters in a text, em. */
interface LocalFaces {
  names: readonly string[];
  letter: number;
}

interface StandInKind {
  faces: readonly LocalFaces[];
  /** The last resort (CSS Fonts Level 4, generic families). */
  generic: string;
}

export const standIns: Readonly<Record<StandIn, StandInKind>> = {
  serif: {
    faces: [
      { names: ['Georgia'], letter: 0.483 },
      { names: ['DejaVu Serif'], letter: 0.555 },
    ],
    generic: 'serif',
  },
  sans: {
    faces: [
      { names: ['Arial', 'Helvetica', 'Liberation Sans'], letter: 0.477 },
      { names: ['DejaVu Sans'], letter: 0.548 },
    ],
    generic: 'sans-serif',
  },
  mono: {
    faces: [
      { names: ['Courier New', 'Liberation Mono'], letter: 0.6 },
      { names: ['DejaVu Sans Mono'], letter: 0.602 },
    ],
    generic: 'monospace',
  },
};

/** What a family is called whose stand-in is one of those faces. */
export const standInName = ({ name }: TypeFamily, at: number): string => `${name} stand-in ${at + 1}`;

/** A family and what stands in for it, as a style sheet names them. */
export function familyCss(family: TypeFamily): string {
  const { faces, generic } = standIns[family.standIn];
  const names = [family.name, ...faces.map((_, at) => standInName(family, at))];
  return [...names.map((one) => `"${one}"`), generic].join();
}
