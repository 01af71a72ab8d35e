import { createHash } from 'node:crypto';
import { pageKind, pagePath } from '../../core/pages/index.ts';
import { renderToStaticMarkup } from 'react-dom/server';
import { bayKind } from '../../core/bays/index.ts';
import { pageCss } from '../../core/css/pageCss.ts';
import { rulesStyles } from '../../core/rules/rulesStyles.ts';
import { usedFamilies } from '../../core/style/usedFamilies.ts';
import type { PictureFacts } from '../../core/catalogue/facts.ts';
import { renditionAddress } from '../../core/picture/renditions.ts';
import { setsOf } from '../../core/text/characterSets.ts';
import { ownInScript } from '../../core/texts/inScript.ts';
import { allBays } from '../../core/view/allBays.ts';
import { insideStyle } from '../../core/css/written.ts';
import { isShowsParameter } from '../../core/view/address.ts';
import { shelvesDrawn, shelvesOn } from '../../core/view/shelvesIn.ts';
import type { PageView } from '../../core/view/view.ts';
import { Page } from '../../storefront/Page.tsx';
import { KEEP_CLOSED } from '../../storefront/enhance/keepClosed.ts';
import { KEEP_ROOM } from '../../storefront/enhance/keepRoom.ts';
import { usedCss } from '../../storefront/styles/whereUsed.ts';
import { baseCss } from '../../storefront/styles/base.ts';
import { baysCss } from '../../storefront/bays/index.tsx';
import { firstFile, fontCss } from '../../storefront/styles/fonts.ts';

export interface HtmlPage {
  html: string;
  /** Content-Security-Policy that allows this page's own style sheet and early script and nothing inline besides. */
  policy: string;
}

const sha256 = (text: string) => createHash('sha256').update(text).digest('base64');

const escape = (text: string) =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

/** Markup with its attributes as HTML writes them; React writes some by their names in script. Those of SVG have capitals. */
export const inLowerCase = (markup: string): string =>
  markup.replace(/<[a-z][^>]*>/g, (tag) =>
    tag.replace(/ (?!viewBox)([a-z]+[A-Z][A-Za-z]*)(?==")/g, (_, name: string) => ` ${name.toLowerCase()}`),
  );

/** schema.org data about what the page shows; the origin makes its addresses whole. */
export function structuredData(view: PageView, origin: string): object[] {
  const store = { origin, currency: view.currency };
  const about: object[] = [];
  if (view.trail.length > 0)
    about.push({
      '@context': 'https://schema.org',
      '@type': 'BreadcrumbList',
      itemListElement: view.trail.map(({ words, href }, i) => ({
        '@type': 'ListItem',
        position: i + 1,
        name: words,
        ...(href && { item: `${origin}${href}` }),
      })),
    });
  if (pageKind(view.kind).titledByStore)
    about.push({
      '@context': 'https://schema.org',
      '@type': 'Organization',
      name: view.storeName,
      url: `${origin}/`,
      ...(view.place && { address: view.place }),
    });
  for (const bay of view.bays) {
    about.push(...(bayKind(bay.content.holds).data?.(bay.content, store) ?? []));
    // Of a page that is a list: of others what is listed is not what they are about, and would weigh on their first load.
    for (const shelf of pageKind(view.kind).lists ? shelvesDrawn(bay) : [])
      if (shelf.cards.length)
        about.push({
          '@context': 'https://schema.org',
          '@type': 'ItemList',
          numberOfItems: shelf.total,
          itemListElement: shelf.cards.map((card, i) => ({
            '@type': 'ListItem',
            position: shelf.held.start + i + 1,
            url: `${origin}${card.href}`,
          })),
        });
  }
  return about;
}

/** The one address of all that show the same list: with the page of it, and without what is chosen on it, as a variant. */
function canonical(view: PageView, origin: string): string {
  const { kind, path: own, parameters } = view;
  const isNarrowed = shelvesOn(view).some(({ shelf }) => (shelf.tools?.without ?? null) !== null);
  const { standsFor } = pageKind(kind);
  const path = standsFor ? own.replace(pagePath(pageKind(kind), ''), pagePath(pageKind(standsFor), '')) : own;
  // What an open tab shows is on the page that it is a tab of.
  const isTab = parameters.some(([name]) => isShowsParameter(name));
  const narrowed = pageKind(kind).narrowedTo?.(parameters);
  if (narrowed) return `${origin}${narrowed}`;
  // What is chosen of a list is on the whole of it.
  const isPart = isTab || isNarrowed;
  const kept = isPart ? [] : parameters.filter(([name]) => name.endsWith('.from')).map((one) => [...one]);
  return `${origin}${path}${kept.length ? `?${new URLSearchParams(kept).toString()}` : ''}`;
}

/** What has to be told before anything is painted. */
const earlyOf = (view: PageView, bays = allBays(view)): string[] => [
  ...(bays.some(({ standIn }) => standIn) ? [KEEP_ROOM] : []),
  ...(bays.some(({ content, empty }) => !empty && bayKind(content.holds).keepsClosed?.(content))
    ? [KEEP_CLOSED]
    : []),
];

/** The first picture of a page: of what it is about, of its bays, or of a card. */
function firstPicture({ bays }: PageView): PictureFacts | null {
  for (const { content, empty } of bays) {
    if (empty) continue;
    const [own] = bayKind(content.holds).tones(content);
    if (own) return own;
    for (const { cards } of shelvesDrawn({ content }))
      for (const { parts } of cards)
        for (const part of parts) if ('picture' in part && part.picture) return part.picture;
  }
  return null;
}

/** Width of the picture that a page is shown with elsewhere, px. */
const SHARED_PX = 1000;

/** What a page is shown with where somebody shares its address. Source: The Open Graph protocol, ogp.me. */
function shared(view: PageView, address: string, origin: string): string {
  const picture = firstPicture(view);
  const said: [string, string][] = [
    ['og:type', pageKind(view.kind).sharedAs ?? 'website'],
    ['og:site_name', view.storeName],
    ['og:title', view.name],
    ['og:url', address],
  ];
  if (view.description) said.push(['og:description', view.description]);
  if (picture) said.push(['og:image', `${origin}${renditionAddress(picture, SHARED_PX)}`]);
  return said.map(([name, value]) => `<meta property="${name}" content="${escape(value)}">`).join('');
}

const ownRules = (view: PageView): string => [...rulesStyles(view).values()].join('');

const familiesOf = (view: PageView) =>
  usedFamilies(
    view.style,
    allBays(view).flatMap((bay) => [bay.style, ...shelvesDrawn(bay).map((shelf) => shelf.style)]),
  );

/**
 * The whole HTML of a page.
 * @param origin what absolute addresses begin with; null for a page that says nothing to machines
 * @param script the script that this page has a use for, and whether it may remember what is looked at; null for none
 */
export function htmlPage(
  view: PageView,
  origin: string | null,
  script: { href: string; remembers: boolean } | null = null,
): HtmlPage {
  const body = inLowerCase(renderToStaticMarkup(<Page view={view} />));
  const used = familiesOf(view);
  const style = insideStyle(
    fontCss(used, 'optional', setsOf(body)) +
      baseCss +
      baysCss(view) +
      usedCss(view) +
      pageCss(view) +
      ownRules(view),
  );
  const preloads = used.families
    .flatMap((family) => firstFile(family) ?? [])
    .map((file) => `<link rel="preload" href="${file}" as="font" type="font/woff2" crossorigin>`)
    .join('');
  // Nothing is seen before the main part begins: what stands in a row of the header shares it with what comes after.
  const headFirst = view.head ? '<link rel="expect" href="#main" blocking="render">' : '';
  const data = (origin === null ? [] : structuredData(view, origin))
    .map(
      (one) =>
        `<script type="application/ld+json">${JSON.stringify(one).replaceAll('<', '\\u003c')}</script>`,
    )
    .join('');
  const earlyScripts = script === null ? [] : earlyOf(view);
  const early = earlyScripts.map((one) => `<script>${one}</script>`).join('');
  const scripts = `'self'${earlyScripts.map((one) => ` 'sha256-${sha256(one)}'`).join('')}`;
  const about =
    origin === null
      ? ''
      : (view.description && `<meta name="description" content="${escape(view.description)}">`) +
        (view.unlisted ? '<meta name="robots" content="noindex">' : '') +
        `<link rel="canonical" href="${escape(canonical(view, origin))}">` +
        (view.unlisted ? '' : shared(view, canonical(view, origin), origin));
  const own = script && ownInScript({ locale: view.lang, texts: view.texts });
  const told = own ? ` data-texts="${escape(own)}"` : '';
  const html =
    `<!doctype html><html lang="${escape(view.lang)}" dir="${escape(view.direction)}"${told}><head><meta charset="utf-8">` +
    `<meta name="viewport" content="width=device-width,initial-scale=1"><title>${escape(view.title)}</title>${about}` +
    `${preloads}${headFirst}<link rel="icon" href="data:,">` +
    `<style>${style}</style>${early}${script ? `<script type="module" src="${escape(script.href)}"${script.remembers ? ' data-remembers' : ''}></script>` : ''}${data}</head><body>${body}</body></html>`;
  return {
    html,
    policy: `default-src 'none'; style-src 'sha256-${sha256(style)}'; img-src 'self' data:; font-src 'self'; ${script ? `script-src ${scripts}; connect-src 'self'; ` : ''}base-uri 'none'; form-action 'self'; frame-ancestors 'self'`,
  };
}
