/** SQL that has the option `o` of each value `ov` at hand that a variant has by `vv`. */
export const WITH_OPTION =
  'JOIN option_value ov ON ov.id = vv.option_value_id JOIN option o ON o.id = ov.option_id';

/** The owner's order of options. */
export const BY_OPTION = 'o.position, o.id';

/** SQL for the values of a variant, "Blue, small"; empty where it has none. @param variant SQL for its id */
export const choiceOf = (variant: string): string =>
  `coalesce((SELECT string_agg(ov.name, ', ' ORDER BY ${BY_OPTION})
    FROM variant_value vv ${WITH_OPTION} WHERE vv.variant_id = ${variant}), '')`;
