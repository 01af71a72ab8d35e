/** Rules of the page as it was sent, or as it came last with something else on it. */
let rules: CSSStyleSheet | null = null;

/** Takes rules out of a sheet, the last first. */
function keepRules(sheet: CSSStyleSheet, keeps: (rule: CSSRule) => boolean): void {
  for (let i = sheet.cssRules.length - 1; i >= 0; i -= 1) if (!keeps(sheet.cssRules[i]!)) sheet.deleteRule(i);
}

/**
 * What was shown before left rules behind that would hide some of this, so rules of a page take the place of those before. Typefaces
 * stay as they were fetched, and are never fetched again.
 */
export function replaceRules(css: string): void {
  const next = new CSSStyleSheet();
  next.replaceSync(css);
  const faces = new Set<string>();
  for (const { sheet } of document.querySelectorAll('style'))
    if (sheet)
      keepRules(sheet, (rule) => rule instanceof CSSFontFaceRule && Boolean(faces.add(rule.cssText)));
  keepRules(next, (rule) => !(rule instanceof CSSFontFaceRule && faces.has(rule.cssText)));
  document.adoptedStyleSheets = [next, ...document.adoptedStyleSheets.filter((one) => one !== rules)];
  rules = next;
}
