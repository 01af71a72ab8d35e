/** One measured figure; nulls where a column is not meant. */
export interface Figure {
  name: string;
  unit: string;
  p50: number | null;
  p95: number | null;
  max: number | null;
  ratio: number | null;
  /** What it must keep to, and whether it does. */
  bound: number;
  ok: boolean;
}

export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)]!;
}

const round = (value: number) => Math.round(value * 1000) / 1000;

/** A distribution of which the 95th percentile must not pass the bound. */
export function distribution(name: string, unit: string, values: readonly number[], bound: number): Figure {
  const p95 = round(quantile(values, 0.95));
  return {
    name,
    unit,
    p50: round(quantile(values, 0.5)),
    p95,
    max: round(Math.max(...values)),
    ratio: null,
    bound,
    ok: p95 <= bound,
  };
}

/** A ratio that must be at least the bound. */
export const ratioAtLeast = (name: string, ratio: number, bound: number): Figure => ({
  name,
  unit: 'ratio',
  p50: null,
  p95: null,
  max: null,
  ratio: round(ratio),
  bound,
  ok: ratio >= bound,
});

/** A ratio that must not pass the bound. */
export const ratioAtMost = (name: string, ratio: number, bound: number): Figure => ({
  ...ratioAtLeast(name, ratio, bound),
  ok: ratio <= bound,
});

/** A single number that must not pass the bound. */
export const atMost = (name: string, unit: string, value: number, bound: number): Figure => ({
  name,
  unit,
  p50: null,
  p95: null,
  max: round(value),
  ratio: null,
  bound,
  ok: value <= bound,
});

export function table(figures: readonly Figure[]): string {
  const cell = (value: number | null) => (value === null ? '–' : String(value));
  const rows = figures.map((one) => [
    one.name,
    one.unit,
    cell(one.p50),
    cell(one.p95),
    cell(one.max),
    cell(one.ratio),
    String(one.bound),
    one.ok ? 'ok' : 'NOT MET',
  ]);
  const all = [['figure', 'unit', 'p50', 'p95', 'max', 'ratio', 'bound', ''], ...rows];
  const widths = all[0]!.map((_, i) => Math.max(...all.map((row) => row[i]!.length)));
  return all
    .map((row) =>
      row.map((text, i) => (i === 0 ? text.padEnd(widths[i]!) : text.padStart(widths[i]!))).join('  '),
    )
    .join('\n');
}
