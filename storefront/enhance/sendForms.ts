/** What the server says of a form that a script sent. */
interface Said<T> {
  ok: boolean;
  said: Partial<T> & { message?: string };
}

async function send<T>(form: HTMLFormElement, submitter: HTMLElement | null): Promise<Said<T>> {
  const answer = await fetch(form.action, {
    method: 'POST',
    headers: { accept: 'application/json' },
    // Who leaves the page another way has sent it all the same.
    keepalive: true,
    body: new URLSearchParams(new FormData(form, submitter) as unknown as Record<string, string>),
  });
  return { ok: answer.ok, said: (await answer.json()) as Said<T>['said'] };
}

/** As long as a link waits for what is on its way, ms: who presses it is not kept by a server that does not answer. */
const LINK_WAITS = 4000;

const onTheirWay = new Set<Promise<void>>();

/** A link pressed while something is on its way waits for it: the page that it leads to shows what was sent. */
function holdLink(event: MouseEvent): void {
  const link = (event.target as Element).closest<HTMLElement>('a[href]');
  if (!link || event.button || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return;
  event.preventDefault();
  event.stopPropagation();
  const late = new Promise((resolve) => setTimeout(resolve, LINK_WAITS));
  void Promise.race([Promise.all(onTheirWay), late]).then(() => {
    letLinksGo();
    link.click();
  });
}

const letLinksGo = () => document.removeEventListener('click', holdLink, true);

/** Links wait until it is done. */
function follow(sent: Promise<void>): void {
  onTheirWay.add(sent);
  document.addEventListener('click', holdLink, true);
  void sent.finally(() => {
    onTheirWay.delete(sent);
    if (onTheirWay.size === 0) letLinksGo();
  });
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
    follow(
      send<T>(form, pressed)
        .catch((): Said<T> => ({ ok: false, said: {} }))
        .then((answer) => done(form, answer, pressed))
        .finally(() => form.removeAttribute('aria-busy')),
    );
  });
}
