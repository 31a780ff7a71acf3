/** Digits and letters that nobody mixes up; O, I, L and U are none of them. */
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ'

/** Letters that hands write for digits. */
const MISTAKEN: Readonly<Record<string, string>> = { O: '0', I: '1', L: '1' }

const BITS = 5
const SIGNS = 20

/** Hex digits of the hash that a code stands for: 100 bits. */
export const CODE_HEX = (SIGNS * BITS) / 4

/**
 * The check code of a signed note: the first 100 bits of the hash of its signature in the chain of the examination, in twenty signs. It
 * names nobody. Whoever changes a letter of the record, or signs another one, gets another code.
 *
 * @param hash - of the entry that signs, 64 hex digits
 * @returns "7K3M-Q0ZV-…", five groups of four
 */
export function checkCode(hash: string): string {
  const bits = Array.from(hash.slice(0, CODE_HEX), (digit) => Number.parseInt(digit, 16).toString(2).padStart(4, '0')).join('')
  const signs = Array.from({ length: SIGNS }, (_, i) => ALPHABET[Number.parseInt(bits.slice(i * BITS, (i + 1) * BITS), 2)] ?? '')
  return signs.join('').replace(/(.{4})(?=.)/g, '$1-')
}

/**
 * The beginning of the hash that a code stands for, as 25 hex digits; spaces, dashes, small letters and mixed-up signs are read as meant.
 *
 * @returns null for what is no check code
 */
export function hashPrefixOf(typed: string): string | null {
  const signs = Array.from(typed.toUpperCase().replace(/[\s-]/g, ''), (sign) => MISTAKEN[sign] ?? sign)
  if (signs.length !== SIGNS || signs.some((sign) => !ALPHABET.includes(sign))) return null
  const bits = signs.map((sign) => ALPHABET.indexOf(sign).toString(2).padStart(BITS, '0')).join('')
  return Array.from({ length: CODE_HEX }, (_, i) => Number.parseInt(bits.slice(i * 4, i * 4 + 4), 2).toString(16)).join('')
}
