import { fileFor } from '../../core/text/mergeFaces.ts';
import { characterSets, type CharacterSetId } from '../../core/text/characterSets.ts';
import { standInName, standIns } from '../../core/text/standIns.ts';
import { fontsOf, type FontFiles, type Slope, type TypeFamily } from '../../core/text/typeFamily.ts';

/** Where the files of the families that are shipped are; the server has them from the fonts' packages. */
export const TYPE_FILES = '/assets/type';

/** The address of a part of a family. */
export const fontFile = ({ id }: TypeFamily, font: FontFiles, set: CharacterSetId): string =>
  font.id === undefined
    ? `${TYPE_FILES}/${id}-${set}-${font.slope}.woff2`
    : `${TYPE_FILES}/own/${font.id}-${set}.woff2`;

/** The address of the widths of a font of the owner's own. */
export const ownFaceFile = (fontId: string): string => `${TYPE_FILES}/own/${fontId}.json`;

/** The part of a family that most of a page is set in, which is fetched before all else; null where it has none. */
export function firstFile(family: TypeFamily): string | null {
  const upright = fontsOf(family).filter(({ slope }) => slope === 'upright');
  const font = fileFor(upright.length ? upright : fontsOf(family), 400);
  return font.sets.includes('latin') ? fontFile(family, font, 'latin') : null;
}

const percent = (share: number): string => `${Number((100 * share).toFixed(1))}%`;

/** The metrics of a family on faces that are everywhere, so that lines are as long and as high before it is there. */
const standInCss = (family: TypeFamily): string =>
  standIns[family.standIn].faces
    .map(({ names, letter }, at) => {
      const { ascent, descent, letter: own } = family.metrics;
      const size = own / letter;
      return `@font-face{font-family:"${standInName(family, at)}";src:${names.map((one) => `local("${one}")`).join()};ascent-override:${percent(ascent / size)};descent-override:${percent(descent / size)};line-gap-override:0%;size-adjust:${percent(size)}}`;
    })
    .join('');

/**
 * The @font-face rules of families. A public page shows a typeface only if it is there at once ("optional"), so that
 * nothing moves later; a studio frame waits for it.
 * @param sets the character sets that are used
 */
export function fontCss(
  { families, slopes }: { families: readonly TypeFamily[]; slopes: readonly Slope[] },
  display: 'optional' | 'swap',
  sets: ReadonlySet<CharacterSetId>,
): string {
  return families
    .map((family) => {
      const fonts = fontsOf(family);
      const isOfOne = new Set(fonts.map(({ slope }) => slope)).size === 1;
      const files = fonts
        .filter(({ slope }) => isOfOne || slopes.includes(slope))
        .flatMap((font) => {
          const [least, most] = font.weights;
          const own = font.sets.filter((set) => sets.has(set));
          return own.map(
            (set) =>
              `@font-face{font-family:"${family.name}";font-style:${font.slope === 'italic' ? 'italic' : 'normal'};font-weight:${least} ${most};font-display:${display};src:url(${fontFile(family, font, set)}) format("woff2")` +
              `${own.length > 1 ? `;unicode-range:${characterSets[set].range}` : ''}}`,
          );
        });
      return files.join('') + standInCss(family);
    })
    .join('');
}
