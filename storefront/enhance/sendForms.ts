/** What the server says of a form that a script sent. */
interface Said<T> {
  ok: boolean;
  said: Partial<T> & { message?: string };
}

async function send<T>(form: HTMLFormElement, submitter: HTMLElement | null): Promise<Said<T>> {
  const answer = await fetch(form.action, {
    method: 'POST',
    headers: { accept: 'application/json' },
    body: new URLSearchParams(new FormData(form, submitter) as unknown as Record<string, string>),
  });
  return { ok: answer.ok, said: (await answer.json()) as Said<T>['said'] };
}

/**
 * Sends forms to an address without leaving the page: the focus stays where it was. One that is on its way is not sent
 * again.
 * @param done told of the answer and of what was pressed; of one that did not come, as if the server had refused without a word
 */
export function sendForms<T>(
  action: string,
  done: (form: HTMLFormElement, answer: Said<T>, pressed: HTMLElement | null) => void,
  leaves = (_: HTMLFormElement): boolean => false,
): void {
  document.addEventListener('submit', (event) => {
    const form = event.target as HTMLFormElement;
    if (form.getAttribute('action') !== action || leaves(form)) return;
    event.preventDefault();
    if (form.hasAttribute('aria-busy')) return;
    form.setAttribute('aria-busy', 'true');
    const pressed = event.submitter;
    void send<T>(form, pressed)
      .catch((): Said<T> => ({ ok: false, said: {} }))
      .then((answer) => done(form, answer, pressed))
      .finally(() => form.removeAttribute('aria-busy'));
  });
}
