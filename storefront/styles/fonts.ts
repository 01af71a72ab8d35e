import { characterSets, type CharacterSetId } from '../../core/text/characterSets.ts';
import { standInName, standIns } from '../../core/text/standIns.ts';
import { slopesOf, type Slope, type TypeFamily } from '../../core/text/typeFamily.ts';

/** Where the files of the families that are shipped are; the server has them from the fonts' packages. */
export const TYPE_FILES = '/assets/type';

/** The address of a part of a family. */
export const fontFile = ({ id }: TypeFamily, set: CharacterSetId, slope: Slope): string =>
  `${TYPE_FILES}/${id}-${set}-${slope}.woff2`;

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
      const [least, most] = family.weights;
      const own = family.sets.filter((set) => sets.has(set));
      const files = slopesOf(family)
        .filter((slope) => slopes.includes(slope))
        .flatMap((slope) =>
          own.map(
            (set) =>
              `@font-face{font-family:"${family.name}";font-style:${slope === 'italic' ? 'italic' : 'normal'};font-weight:${least} ${most};font-display:${display};src:url(${fontFile(family, set, slope)}) format("woff2")` +
              `${own.length > 1 ? `;unicode-range:${characterSets[set].range}` : ''}}`,
          ),
        );
      return files.join('') + standInCss(family);
    })
    .join('');
}
