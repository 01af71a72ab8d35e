/** One of a list with another value under a key; without it where that is undefined, as what is not set is kept. */
export function changed<T extends object, K extends keyof T>(one: T, key: K, value: T[K] | undefined): T {
  const { [key]: _, ...rest } = one;
  return (value === undefined ? rest : { ...rest, [key]: value }) as T;
}
