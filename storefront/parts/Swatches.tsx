import type { CardSwatch } from '../../core/card/parts/swatches.ts';
import { cropClass } from '../../core/css/pageCss.ts';
import { SwatchFace } from '../SwatchFace.tsx';
import type { PartDrawing } from './partDrawing.ts';

/** What the script of the page changes on the card; absent where nothing of it does. */
const changed = ({ picture, costs }: CardSwatch) => ({
  'data-picture': picture?.file,
  'data-px': picture?.width,
  'data-crop': picture ? cropClass(picture) : undefined,
  'data-now': costs?.now,
  'data-before': costs?.before ?? undefined,
});

/** Links to the variants of a product, which change its card where there is script. */
export const drawSwatches: PartDrawing<'swatches'> = ({ list, swatches, more, names, changes }) => (
  <ul className={`part-swatches names-${names}`} role="list" aria-label={list} data-changes={changes}>
    {swatches.map((swatch) => (
      <li key={swatch.href}>
        <a
          href={swatch.href}
          className={
            [swatch.face.by === 'words' && 'worded', !swatch.available && 'off'].filter(Boolean).join(' ') ||
            undefined
          }
          aria-label={swatch.said}
          {...changed(swatch)}
        >
          <SwatchFace face={swatch.face} />
          {(swatch.face.by === 'words' || names !== 'never') && <span>{swatch.name}</span>}
        </a>
      </li>
    ))}
    {more && (
      <li>
        <a href={more.href} aria-label={more.said}>
          {more.words}
        </a>
      </li>
    )}
  </ul>
);
