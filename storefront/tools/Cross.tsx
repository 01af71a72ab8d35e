/** The sign that takes something off, or closes it. */
export function Cross() {
  return (
    <svg viewBox="0 0 12 12" aria-hidden="true">
      <path d="M2.5 2.5l7 7m0-7l-7 7" />
    </svg>
  );
}
