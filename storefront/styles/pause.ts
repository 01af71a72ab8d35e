/** The button that pauses what plays by itself. */
export const pauseCss =
  '.pause{position:absolute;z-index:3;inset-block-start:8px;inset-inline-end:8px;--arrow:36px;border-radius:50%}' +
  '.pause .on,.pause[data-still] .bars{display:none}.pause[data-still] .on{display:inline}' +
  '@media (prefers-reduced-motion:reduce){.pause{display:none!important}}';
