/** Products are shown in short in a window over the page, where the page has links that do so; fetched when one is pressed. */
export function keepQuick(): void {
  document.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a[data-quick]');
    if (!link || event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    import('./quickWindow.ts').then(
      ({ openQuick }) => openQuick(link),
      () => location.assign(link.href),
    );
  });
}
