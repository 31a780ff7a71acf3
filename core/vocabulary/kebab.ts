type Digit = '0' | '1' | '2' | '3' | '4' | '5' | '6' | '7' | '8' | '9'

/**
 * The id that an export's name stands for: `thighThrust` is `thigh-thrust`, `ulnt2a` is `ulnt-2a`.
 *
 * Rolls are lists of exports, a line each; their ids follow from the names, so that there is no second list and a misspelt id
 * does not compile.
 */
export type Kebab<Name extends string> = Name extends `${infer First}${infer Rest}`
  ? First extends Digit
    ? `-${First}${Kebab<Rest>}`
    : First extends Lowercase<First>
      ? `${First}${Kebab<Rest>}`
      : `-${Lowercase<First>}${Kebab<Rest>}`
  : ''

/** The same for a text. */
export function kebab(name: string): string {
  return name.replace(/[A-Z0-9]/g, (sign) => `-${sign.toLowerCase()}`)
}
