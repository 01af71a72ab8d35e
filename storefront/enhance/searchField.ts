/** Search fields are boxes with suggestions; what brings those is fetched once a shopper comes to one. */
export function keepSearches(): void {
  for (const form of document.querySelectorAll<HTMLFormElement>('[data-suggests]')) {
    const field = form.querySelector('input')!;
    const list = form.querySelector<HTMLElement>('.suggestions')!;
    field.setAttribute('role', 'combobox');
    field.setAttribute('aria-autocomplete', 'list');
    field.setAttribute('aria-expanded', 'false');
    field.setAttribute('aria-controls', list.id);
    field.addEventListener(
      'focus',
      () => void import('./search.ts').then(({ suggestIn }) => suggestIn(form, field, list)),
      { once: true },
    );
  }
}
