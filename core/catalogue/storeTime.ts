const formats = new Map<string, Intl.DateTimeFormat>();

function partsAt(instant: number, zone: string): Record<string, number> {
  let format = formats.get(zone);
  if (!format) {
    format = new Intl.DateTimeFormat('en-CA', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      second: '2-digit',
    });
    formats.set(zone, format);
  }
  return Object.fromEntries(format.formatToParts(instant).map(({ type, value }) => [type, Number(value)]));
}

/** How far the clocks of a time zone are ahead of UTC at an instant, ms. */
export function zoneOffset(instant: number, zone: string): number {
  const p = partsAt(instant, zone);
  const shown = Date.UTC(p.year!, p.month! - 1, p.day, p.hour, p.minute, p.second);
  return shown - Math.floor(instant / 1000) * 1000;
}

/** Calendar day in the store's time zone, as the number of days since 1970-01-01. */
export function storeDay(instant: number, zone: string): number {
  const { year, month, day } = partsAt(instant, zone);
  return Math.floor(Date.UTC(year!, month! - 1, day) / 86_400_000);
}

/** A day number as YYYY-MM-DD. */
export const dayText = (day: number): string => new Date(day * 86_400_000).toISOString().slice(0, 10);

/** The first instant (UTC ms) that belongs to a calendar day of the store's time zone. */
export function startOfStoreDay(day: number, zone: string): number {
  const utc = day * 86_400_000;
  // The zone's distance from UTC is read twice, since it may change within the day.
  let instant = utc;
  for (let i = 0; i < 2; i += 1) {
    const p = partsAt(instant, zone);
    const shown = Date.UTC(p.year!, p.month! - 1, p.day, p.hour, p.minute, p.second);
    instant -= shown - utc;
  }
  return instant;
}
