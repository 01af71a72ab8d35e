/** A second picture, which comes while its card is pointed at or has the keyboard. */
export const secondCss =
  '.frame .second{display:none}@media (hover:hover){.frame .second{display:block;position:absolute;inset:0;height:100%!important;opacity:0;background-color:var(--card)}' +
  '.card:hover .second,.card:focus-within .second{opacity:1}.changed .second{display:none}}';
