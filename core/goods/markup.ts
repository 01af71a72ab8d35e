/** Elements of HTML that texts of shops are written with. */
const ELEMENTS =
  'p|div|span|br|h[1-6]|ul|ol|li|blockquote|strong|b|em|i|u|a|table|tbody|tr|td|th|section|article|font|center|small|hr|img|style|script';
const MARKED = new RegExp(`</?(?:${ELEMENTS})(?:\\s[^<>]*)?/?>`, 'i');

/** Whether a text is written in HTML rather than as it reads. */
export const isMarkedUp = (text: string): boolean => text.includes('<') && MARKED.test(text);

/** A text without the elements of HTML that it is written in, as one line. */
export const withoutMarkup = (text: string): string =>
  isMarkedUp(text)
    ? text
        .replaceAll(/<[/!a-z][^<>]*>/gi, ' ')
        .replaceAll('&lt;', '<')
        .replaceAll('&gt;', '>')
        .replaceAll('&amp;', '&')
        .replaceAll(/\s+/g, ' ')
        .trim()
    : text;
