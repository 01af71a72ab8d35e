/** No price and no measure is greater. */
const GREATEST = 1e9;

/** A figure as people type it, with a point or a comma; null for anything else. */
export function readFigure(said: string | null | undefined): number | null {
  if (!said || !/^-?\d{1,12}([.,]\d{1,6})?$/.test(said.trim())) return null;
  const figure = Number(said.trim().replace(',', '.'));
  return Math.max(-GREATEST, Math.min(GREATEST, figure));
}
