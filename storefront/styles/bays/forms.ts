/** Rules of bays with a form to fill in. */
export const formsCss = `
.said{color:var(--reduced)}.thanks{font-size:22px;margin-bottom:18px}
.form-field{margin-bottom:16px}.form-field label{display:block;font-weight:560;margin-bottom:4px}.form-field :is(input,textarea){width:100%;font:inherit;padding:9px 11px;border:1px solid var(--quiet);border-radius:3px;background:var(--ground);color:var(--text)}.form-field [aria-invalid]{border-color:var(--reduced)}.store-form .button{margin:12px 0}.store-form>p{margin-bottom:16px}.lines{font-style:normal;white-space:pre-line;margin-bottom:16px}
`.replaceAll('\n', '');
