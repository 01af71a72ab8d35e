/** What writes numbers and dates is a thousand times dearer to make than to use: each is made once. */
function made<O, F>(make: (locale: string, options: O) => F) {
  const known = new Map<string, F>();
  return (locale: string, options: O): F => {
    const key = `${locale} ${JSON.stringify(options)}`;
    let format = known.get(key);
    if (!format) known.set(key, (format = make(locale, options)));
    return format;
  };
}

/** Writes numbers in a locale (BCP 47). */
export const numberFormat = made(
  (locale, options: Intl.NumberFormatOptions) => new Intl.NumberFormat(locale, options),
);

/** Writes dates in a locale (BCP 47). */
export const dateFormat = made(
  (locale, options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(locale, options),
);
