import { rulePlace } from './places.ts';

/** Ids of the elements that own rules name, as far as that is seen without reading them; null for all there are. */
export function elementsNamed(rules: string): ReadonlySet<string> | null {
  const text = rules.replaceAll(/\/\*[^]*?(\*\/|$)/g, ' ');
  if (/(^|[\s,>+~}{(])\*\s*[{,:.>+~)]/.test(text)) return null;
  return new Set(
    [...text.matchAll(/\.([a-z][a-z-]*\d?)/g)].flatMap(([, name]) => rulePlace(name!)?.element ?? []),
  );
}
