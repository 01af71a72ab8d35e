/** Buttons beside a quantity: one fewer, one more, within what there is. */
export function keepSteps(): void {
  document.addEventListener('click', ({ target }) => {
    const button = (target as Element).closest<HTMLElement>('[data-step]');
    const field = button?.parentElement?.querySelector('input');
    if (!field) return;
    // An empty one begins with the least.
    if (field.value === '') field.value = field.min;
    else if (button!.dataset.step === '1') field.stepUp();
    else field.stepDown();
    field.dispatchEvent(new Event('change', { bubbles: true }));
  });
}
