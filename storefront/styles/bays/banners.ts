/** Rules of pages with banners by turns: a row of them, each as wide as the bay and as high as the highest. */
export const bannersCss = `
.banners{position:relative;max-width:var(--inner);margin-inline:auto}
.banners>.arrow{position:absolute;z-index:2;inset-block-end:calc(12px + var(--foot))}.banners>.previous{inset-inline-end:60px}.banners>.next{inset-inline-end:12px}
.banners>.window{overflow:auto hidden;scroll-snap-type:x mandatory}
.banner-row{display:flex;list-style:none}.banner-row>li{flex:0 0 100%;min-width:0;display:grid;scroll-snap-align:start}
.banner-row>li>.banner{width:100%}
`.replaceAll('\n', '');
