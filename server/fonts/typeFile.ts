import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { typeFamilies } from '../../core/text/families/index.ts';
import { fontFile } from '../../storefront/styles/fonts.ts';
import type { CharacterSetId } from '../../core/text/characterSets.ts';
import { fontsOf, type Slope, type TypeFamily } from '../../core/text/typeFamily.ts';

const require = createRequire(import.meta.url);

/** The folder of the package that a family is shipped in. */
export const packageOf = ({ id }: TypeFamily): string =>
  dirname(require.resolve(`@fontsource-variable/${id}/package.json`));

/** The font file of a part of a family, WOFF2. */
export const typeFile = (family: TypeFamily, set: CharacterSetId, slope: Slope): string =>
  join(
    packageOf(family),
    'files',
    `${family.id}-${set}-wght-${slope === 'italic' ? 'italic' : 'normal'}.woff2`,
  );

/** Where the file of each address is. */
export const typeFiles: ReadonlyMap<string, string> = new Map(
  typeFamilies.flatMap((family) =>
    fontsOf(family).flatMap((font) =>
      font.sets.map((set) => [fontFile(family, font, set), typeFile(family, set, font.slope)] as const),
    ),
  ),
);
