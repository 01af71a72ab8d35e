/** No two of a list have the same id; of what is no list nothing is said. */
export const idsOnce = (
  list: readonly ({ id?: string } | null | undefined)[] | null | undefined,
): boolean => {
  const ids = (list ?? []).map((one) => one?.id);
  return new Set(ids).size === ids.length;
};
