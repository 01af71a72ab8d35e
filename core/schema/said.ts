const MOST = 60;

/** Something that was sent where a known word belongs, as a sentence can name it; it may be anything that JSON holds. */
export function said(sent: unknown): string {
  const text = typeof sent === 'string' ? sent : (JSON.stringify(sent) ?? 'nothing');
  return text.length > MOST ? `${text.slice(0, MOST)}…` : text;
}
