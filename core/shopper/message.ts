/** What a message of the outbox is about: an order that was confirmed, a question, a request for a quote, or what was written by a form of the owner's own. */
export const MESSAGE_KINDS = {
  order: { name: 'Order', way: 'To' },
  question: { name: 'Question', way: 'From' },
  quote: { name: 'Quote', way: 'From' },
  contact: { name: 'Message', way: 'From' },
} as const;
export type MessageKind = keyof typeof MESSAGE_KINDS;

/** A message of the outbox. Nothing of it leaves the machine. */
export interface Message {
  id: number;
  /** ISO 8601. */
  at: string;
  kind: MessageKind;
  /** The shopper that it is from, or for. */
  name: string;
  email: string;
  subject: string;
  body: string;
  /** The product that it is about, while there is that; null for none. */
  product: { slug: string; title: string } | null;
  read: boolean;
}
