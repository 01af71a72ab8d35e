import { LINK, LINK_FAULT } from '../../../core/plan/link.ts';

/** What is not there is not kept. */
export const orNone = (typed: string): string | undefined => (typed === '' ? undefined : typed);

/** Why a typed link is none; null where it is one, or nothing. */
export const linkFault = (typed: string): string | null =>
  typed === '' || LINK.test(typed) ? null : LINK_FAULT;
