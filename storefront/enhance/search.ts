/** Letters from which on something is suggested, and how long typing rests before it is asked for, ms. */
const FEWEST_LETTERS = 2;
const REST_MS = 120;

/** What the server suggests for a search (server/search/routes.tsx). */
interface Suggested {
  html: string;
  said: string;
}

/** Completes what is typed into a search field: an ARIA combobox whose options lead to pages. */
export function suggestIn(form: HTMLFormElement, field: HTMLInputElement, list: HTMLElement): void {
  const status = document.createElement('p');
  status.className = 'unseen';
  status.setAttribute('role', 'status');
  form.append(status);
  const known = new Map<string, Suggested>();
  let wait: ReturnType<typeof setTimeout> | undefined;
  let asked = '';

  const options = () => [...list.querySelectorAll<HTMLElement>('[role=option]')];
  const active = () => list.querySelector<HTMLElement>('[aria-selected=true]');
  const mark = (option: HTMLElement | undefined) => {
    active()?.setAttribute('aria-selected', 'false');
    option?.setAttribute('aria-selected', 'true');
    option?.scrollIntoView({ block: 'nearest' });
    if (option) field.setAttribute('aria-activedescendant', option.id);
    else field.removeAttribute('aria-activedescendant');
  };
  const shut = () => {
    list.hidden = true;
    mark(undefined);
    field.setAttribute('aria-expanded', 'false');
    status.textContent = '';
  };
  const show = ({ html, said }: Suggested) => {
    list.innerHTML = html;
    options().forEach((option, i) => (option.id = `${list.id}-${i}`));
    if (!list.firstChild) return shut();
    list.hidden = false;
    mark(undefined);
    field.setAttribute('aria-expanded', 'true');
    status.textContent = said;
  };
  const later = () => {
    clearTimeout(wait);
    wait = setTimeout(() => void ask(), REST_MS);
  };
  const ask = async () => {
    const words = field.value.trim();
    asked = words;
    if (words.length < FEWEST_LETTERS) return shut();
    try {
      let answer = known.get(words);
      if (!answer) {
        const sent = await fetch(`/search/suggestions?q=${encodeURIComponent(words)}`);
        if (!sent.ok) throw new Error(String(sent.status));
        answer = (await sent.json()) as Suggested;
        known.set(words, answer);
      }
      // Something else is typed by now, or the keyboard is elsewhere.
      if (asked === words && document.activeElement === field) show(answer);
    } catch {
      // The form still leads to what is found.
      shut();
    }
  };

  field.addEventListener('input', later);
  // What was typed before this was here.
  if (field.value !== field.defaultValue) later();
  field.addEventListener('keydown', (event) => {
    const all = options();
    if (list.hidden) {
      if (event.key === 'ArrowDown') {
        event.preventDefault();
        void ask();
      }
      return;
    }
    const at = all.indexOf(active()!);
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const step = event.key === 'ArrowDown' ? 1 : -1;
      // Before the first and after the last is the field itself.
      const next = at < 0 && step < 0 ? all.length - 1 : at + step;
      mark(all[next]);
    } else if (event.key === 'Escape') {
      // What was typed stays.
      event.preventDefault();
      shut();
    } else if (event.key === 'Enter' && at >= 0) {
      event.preventDefault();
      location.assign(all[at]!.dataset.href!);
    }
  });
  // Before the field loses the keyboard.
  list.addEventListener('pointerdown', (event) => event.preventDefault());
  list.addEventListener('click', (event) => {
    const option = (event.target as Element).closest<HTMLElement>('[role=option]');
    if (option) location.assign(option.dataset.href!);
  });
  field.addEventListener('blur', shut);
  form.addEventListener('submit', () => {
    clearTimeout(wait);
    asked = '';
    shut();
  });
}
