/** A page of the store as another address has it, and its style sheet. */
export interface OtherPage {
  page: Document;
  css: string;
}

/** Fetches one. Its style sheet is taken out first: a parsed page is under the policy of this one, which knows only its own. */
export async function fetchPage(href: string): Promise<OtherPage> {
  const answer = await fetch(href);
  if (!answer.ok) throw new Error(String(answer.status));
  const styles: string[] = [];
  const html = (await answer.text()).replace(/<style>([^]*?)<\/style>/g, (_, css: string) => {
    styles.push(css);
    return '';
  });
  return { page: new DOMParser().parseFromString(html, 'text/html'), css: styles.join('') };
}

/** Lets rules of style hold on this page as well. */
export function adopt(css: string): void {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(css);
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
}
