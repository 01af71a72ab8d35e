import { configure } from '@testing-library/react';

/** What components ask of a browser and jsdom does not have; enough for them to be drawn. For tests. */
class NoObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

globalThis.CSS ??= { escape: (text: string) => text.replace(/[^\w-]/g, '\\$&') } as typeof CSS;
globalThis.ResizeObserver ??= NoObserver as unknown as typeof ResizeObserver;
globalThis.IntersectionObserver ??= NoObserver as unknown as typeof IntersectionObserver;
Element.prototype.scrollIntoView ??= () => undefined;

// How long to wait for what does not come: controls that are fetched when they are needed take as long as the machine does.
configure({ asyncUtilTimeout: 20_000 });

/** Nothing is laid out there, so that a text under way has no place. */
Range.prototype.getClientRects ??= () => [] as unknown as DOMRectList;
Range.prototype.getBoundingClientRect ??= () => new DOMRect();
document.elementFromPoint ??= () => null;
