const ALPHABET = Array.from({ length: 26 }, (_, i) => String.fromCharCode(97 + i))

/** Letters that mean something else while a place is chosen. */
const TAKEN = new Set(['s', 'x'])

/**
 * A letter for each name, from the name itself where one is free: "buttock" gets B, "calf" C.
 *
 * @returns one letter a name, all different; an empty text when the alphabet is used up
 */
export function mnemonics(names: readonly string[]): readonly string[] {
  const used = new Set(TAKEN)
  return names.map((name) => {
    const own =
      name
        .toLowerCase()
        .replace(/\b(left|right|of|the|and|over)\b/g, '')
        .match(/[a-z]/g) ?? []
    const letter = [...own, ...ALPHABET].find((c) => !used.has(c)) ?? ''
    used.add(letter)
    return letter
  })
}
