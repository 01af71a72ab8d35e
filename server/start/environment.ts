import { publicOrigin } from '../../core/catalogue/publicOrigin.ts';

/** What the environment says of where the store is seen and through what. Throws an Error that says what to do. */

/** The public origin, scheme and host; `here` where none is given. */
export function readOrigin(text: string | undefined, here: string): string {
  if (!text) return here;
  const origin = publicOrigin(text);
  if (origin === null)
    throw new Error(
      `PUBLIC_ORIGIN is "${text}". Give the scheme and host that shoppers see and nothing after them: https://shop.example`,
    );
  return origin;
}

/** Which proxies are believed: a number of them, or their addresses; undefined for none. */
export function readTrustProxy(text: string | undefined): number | string[] | undefined {
  if (!text) return undefined;
  if (/^[1-9]$/.test(text)) return Number(text);
  const addresses = text.split(',').map((one) => one.trim());
  const known = /^(loopback|linklocal|uniquelocal|[0-9a-fA-F.:]+(\/\d{1,3})?)$/;
  // "true" and "*" would let anybody say who asks.
  if (!addresses.every((one) => known.test(one) && /[.:]|local|loop/.test(one)))
    throw new Error(
      `TRUST_PROXY is "${text}". Give the number of proxies in front of this server (1 to 9), or their addresses with commas between: 10.0.0.5,10.0.1.0/24`,
    );
  return addresses;
}
