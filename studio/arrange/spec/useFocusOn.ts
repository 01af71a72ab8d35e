import { useEffect, type RefObject } from 'react';

/** What of a control takes the keyboard, the likeliest first: what is chosen, what is typed into, what is pressed. */
const TAKES = [
  'input:checked',
  'input:not([type=hidden]):not([type=radio]), textarea',
  'input:not([type=hidden]), button, [tabindex="0"]',
];

/** How long controls that are fetched may push the one that was gone to out of sight, ms. */
const SETTLES_MS = 500;

/**
 * Puts the keyboard on the control of a setting, once its line is open and its controls have been fetched, and keeps it
 * in sight; what can be typed over is selected. A setting that is gone to again is put there again.
 * @param open what is open; a new object each time something is gone to
 */
export function useFocusOn(
  open: { setting: string | null } | null,
  within: RefObject<HTMLElement | null>,
): void {
  useEffect(() => {
    const panel = within.current;
    if (!open?.setting || !panel) return undefined;
    const selector = `[data-setting~="${CSS.escape(open.setting)}"]`;
    const show = () => panel.querySelector(selector)?.scrollIntoView({ block: 'nearest' });
    let there = false;
    const focus = () => {
      const box = panel.querySelector(selector);
      const [control] = TAKES.flatMap((one) => box?.querySelector<HTMLElement>(one) ?? []);
      if (!control) return;
      there = true;
      control.focus({ preventScroll: true });
      if (control.matches('input, textarea')) (control as HTMLInputElement).select();
      show();
      setTimeout(() => watch.disconnect(), SETTLES_MS);
    };
    const watch = new MutationObserver(() => (there ? show() : focus()));
    // After the list of the find box has closed and given the keyboard back.
    const waiting = setTimeout(() => {
      watch.observe(panel, { childList: true, subtree: true });
      focus();
    }, 60);
    return () => {
      clearTimeout(waiting);
      watch.disconnect();
    };
  }, [open, within]);
}
