/** What programs that read the web for search engines are told by a store that is not to be found. */
export const leaveOut = `User-agent: *
Disallow: /
`;

/** What programs that read the store for search engines may read: the public pages, and neither the studio nor what it asks. */
export const robots = (origin: string): string => `User-agent: *
Disallow: /api/
Disallow: /fragment
Disallow: /studio

Sitemap: ${origin}/sitemap.xml
`;
