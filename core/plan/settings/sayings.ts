/** How values of several settings read. */

export const px = (value: unknown) => `${String(value)} px`;

export const alignWords: Record<string, string> = {
  start: 'at the start',
  center: 'in the middle',
  end: 'at the end',
};
