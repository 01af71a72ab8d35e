import type { ShippedScheme } from '../scheme.ts';
import { broadsheet } from './broadsheet.ts';
import { chalk } from './chalk.ts';
import { harbour } from './harbour.ts';
import { meadow } from './meadow.ts';
import { notebook } from './notebook.ts';
import { parade } from './parade.ts';
import { workshop } from './workshop.ts';

/** The schemes that are shipped, in the order offered; to add one, write its file and list it here. */
export const schemes: readonly ShippedScheme[] = [
  chalk,
  broadsheet,
  harbour,
  meadow,
  parade,
  notebook,
  workshop,
];
