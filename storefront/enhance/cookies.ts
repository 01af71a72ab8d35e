const YEAR_S = 365 * 86_400;

/** A cookie of this page's; null where there is none. */
export const cookie = (name: string): string | null =>
  document.cookie
    .split('; ')
    .find((one) => one.startsWith(`${name}=`))
    ?.slice(name.length + 1) ?? null;

export const keepCookie = (name: string, value: string): void => {
  document.cookie = `${name}=${value}; path=/; max-age=${YEAR_S}; samesite=lax`;
};
