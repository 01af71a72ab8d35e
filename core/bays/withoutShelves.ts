/** For kinds of bay that hold no shelf. */
export const withoutShelves = {
  shelves: (): readonly string[] => [],
  withShelves: <B>(bay: B): B => bay,
  shelfViews: () => [],
};
