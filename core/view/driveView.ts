import { COMING } from './coming.ts';
import { pageView, type PageInput } from './pageView.ts';
import type { ItemsAnswer, ItemsRequest, PageView } from './view.ts';

/** Drives a view with answers that are at hand. */
export function viewWith(input: PageInput, answer: (request: ItemsRequest) => ItemsAnswer): PageView {
  const making = pageView(input);
  let step = making.next();
  while (!step.done) step = making.next(answer(step.value));
  return step.value;
}

/** Drives a view with answers that have to be waited for; those that wait for nothing themselves are asked for at once. */
export async function viewAwaiting(
  input: PageInput,
  answer: (request: ItemsRequest) => Promise<ItemsAnswer>,
): Promise<PageView> {
  const asked = new Map<string, Promise<ItemsAnswer>>();
  const ask = (request: ItemsRequest): Promise<ItemsAnswer> => {
    const key = JSON.stringify(request);
    const found = asked.get(key) ?? answer(request);
    asked.set(key, found);
    return found;
  };
  for (const request of firstRequests(input)) ask(request).catch(() => undefined);
  const making = pageView(input);
  let step = making.next();
  while (!step.done) step = making.next(await ask(step.value));
  return step.value;
}

/** What a view asks for first of each shelf, but of those that leave out what is shown above them. */
function firstRequests(input: PageInput): ItemsRequest[] {
  const first: ItemsRequest[] = [];
  viewWith({ ...input, asksOnly: true }, (request) => {
    if (!input.plan.shelves[request.shelfId]?.notTwice) first.push(request);
    return COMING;
  });
  return first;
}
