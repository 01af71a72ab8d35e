const list = (words: string) => new Set(words.trim().split(/\s+/));

/** Everything that own rules may set: what changes how something looks or how much room it has. */
export const PROPERTIES = list(`
  color background background-color background-image background-position background-repeat background-size
  background-clip background-origin background-blend-mode mix-blend-mode opacity accent-color caret-color
  color-scheme
  border border-width border-style border-color border-radius border-collapse border-spacing
  border-top border-top-width border-top-style border-top-color border-top-left-radius border-top-right-radius
  border-bottom border-bottom-width border-bottom-style border-bottom-color border-bottom-left-radius
  border-bottom-right-radius border-left border-left-width border-left-style border-left-color
  border-right border-right-width border-right-style border-right-color
  border-inline border-inline-width border-inline-style border-inline-color border-inline-start border-inline-end
  border-inline-start-width border-inline-start-style border-inline-start-color
  border-inline-end-width border-inline-end-style border-inline-end-color
  border-block border-block-width border-block-style border-block-color border-block-start border-block-end
  border-start-start-radius border-start-end-radius border-end-start-radius border-end-end-radius
  outline outline-width outline-style outline-color outline-offset box-shadow box-sizing box-decoration-break
  margin margin-top margin-right margin-bottom margin-left margin-inline margin-inline-start margin-inline-end
  margin-block margin-block-start margin-block-end
  padding padding-top padding-right padding-bottom padding-left padding-inline padding-inline-start
  padding-inline-end padding-block padding-block-start padding-block-end
  width min-width max-width height min-height max-height inline-size min-inline-size max-inline-size
  block-size min-block-size max-block-size aspect-ratio object-fit object-position overflow overflow-x overflow-y
  overflow-wrap
  display visibility position inset inset-inline inset-inline-start inset-inline-end inset-block
  inset-block-start inset-block-end top right bottom left z-index isolation order float clear vertical-align
  flex flex-direction flex-wrap flex-flow flex-grow flex-shrink flex-basis gap row-gap column-gap
  align-items align-self align-content justify-content justify-items justify-self place-items place-self
  place-content
  grid-template-columns grid-template-rows grid-template-areas grid-auto-flow grid-auto-columns grid-auto-rows
  grid-column grid-column-start grid-column-end grid-row grid-row-start grid-row-end grid-area
  columns column-count column-width column-rule column-rule-width column-rule-style column-rule-color column-span
  break-inside
  font font-family font-size font-style font-weight font-stretch font-variant font-variant-numeric font-variant-caps
  font-feature-settings font-kerning font-optical-sizing line-height letter-spacing word-spacing
  text-align text-align-last text-transform text-indent text-overflow text-shadow text-wrap text-decoration
  text-decoration-line text-decoration-style text-decoration-color text-decoration-thickness
  text-underline-offset text-emphasis white-space word-break hyphens tab-size writing-mode
  list-style list-style-type list-style-position content quotes counter-reset counter-increment
  transform transform-origin translate rotate scale perspective perspective-origin backface-visibility
  filter backdrop-filter clip-path mask-image
  transition transition-property transition-duration transition-delay transition-timing-function
  animation animation-name animation-duration animation-delay animation-timing-function
  animation-iteration-count animation-direction animation-fill-mode animation-play-state
  cursor pointer-events user-select scroll-margin scroll-padding scroll-snap-align appearance
`);

/** Properties that could fetch something, or decide where something is, were it not plain to see what they say. */
export const SAID_PLAINLY = list(`
  background background-image mask-image list-style cursor content filter backdrop-filter clip-path position
`);

/** They move something, so that they keep still for whoever wants less movement. */
export const moves = (property: string): boolean => /^(animation|transition)/.test(property);

/** Properties whose values have text in quotes. */
export const TAKES_TEXT = list('content quotes font font-family grid-template-areas');

export const POSITIONS = list('static relative absolute sticky initial unset revert revert-layer');

/** All functions that a value may call; none of them fetches anything. */
export const FUNCTIONS = list(`
  rgb rgba hsl hsla hwb lab lch oklab oklch color color-mix light-dark
  calc min max clamp round mod rem abs sign sin cos tan asin acos atan atan2 pow sqrt hypot log exp
  linear-gradient radial-gradient conic-gradient repeating-linear-gradient repeating-radial-gradient
  repeating-conic-gradient
  translate translatex translatey translatez translate3d rotate rotatex rotatey rotatez rotate3d
  scale scalex scaley scalez scale3d skew skewx skewy matrix matrix3d perspective
  blur brightness contrast drop-shadow grayscale hue-rotate invert opacity saturate sepia
  cubic-bezier steps linear repeat minmax fit-content
  inset circle ellipse polygon counter counters var
`);

export const PSEUDO_CLASSES = list(`
  hover focus focus-visible focus-within active link any-link enabled disabled checked required optional
  placeholder-shown empty first-child last-child only-child nth-child nth-last-child first-of-type last-of-type
  only-of-type nth-of-type nth-last-of-type not is where has dir lang
`);

export const PSEUDO_ELEMENTS = list('before after first-line first-letter marker placeholder selection');

/** Conditions and named movements; all other rules with @ name addresses or change what is not theirs. */
export const AT_RULES = list('media container keyframes');
