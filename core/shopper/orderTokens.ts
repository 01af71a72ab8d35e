/** Orders that a browser remembers, at most. */
export const MOST_ORDERS = 20;

/** Whether a text can name an order: a UUID, as pages make them. */
export const isOrderToken = (text: string): boolean =>
  /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(text);

/** Reads what names the orders of a shopper from its text, joined by full stops, the most recent first; what names none is passed over. */
export const readOrderTokens = (text: string | undefined): string[] =>
  [...new Set((text ?? '').split('.').filter(isOrderToken))].slice(0, MOST_ORDERS);

export const writtenOrderTokens = (tokens: readonly string[]): string => tokens.join('.');

/** With one more, as the most recent; of too many the oldest is forgotten. */
export const withOrder = (tokens: readonly string[], token: string): string[] =>
  [token, ...tokens.filter((one) => one !== token)].slice(0, MOST_ORDERS);
