/** OWASP ASVS 4, 2.1.1 and 2.1.2: twelve letters or more, 128 or fewer, of any kind. */
export const SHORTEST = 12
export const LONGEST = 128

/** Beginnings and words that lists of guesses try first; anything that is little else is refused. */
const COMMON = [
  'password',
  'passwort',
  'qwerty',
  'qwertz',
  'azerty',
  'letmein',
  'welcome',
  'iloveyou',
  'admin',
  'administrator',
  'changeme',
  'secret',
  'monkey',
  'dragon',
  'sunshine',
  'princess',
  'football',
  'baseball',
  'trustno1',
  'abc123',
  'asdfghjkl',
  'zxcvbnm',
  'physio',
  'therapy',
  'clinic',
  'dustlantern',
  'lantern',
  'praxis',
  '1q2w3e4r5t6y',
  'q1w2e3r4t5y6',
]

/** A run of keys or of the alphabet, forwards or backwards. */
const RUNS = ['abcdefghijklmnopqrstuvwxyz', '01234567890123456789', 'qwertyuiopasdfghjklzxcvbnm', 'qwertzuiopasdfghjklyxcvbnm', '1qaz2wsx3edc4rfv5tgb']

/** Signs that guesses put in the place of letters. */
const STANDS_FOR: Readonly<Record<string, string>> = { 0: 'o', 1: 'l', 3: 'e', 4: 'a', 5: 's', 7: 't', '@': 'a', $: 's' }

/**
 * What is wrong with a password; null when nothing is.
 *
 * No rule says which kinds of letters it has to be made of.
 *
 * @param own - what belongs to the person and everybody knows: name, sign-in name
 */
export function passwordIssue(password: string, own: readonly string[]): string | null {
  const letters = Array.from(password.normalize('NFKC'))
  if (letters.length < SHORTEST) return `The password has ${letters.length} letters; it needs ${SHORTEST} or more. A few words in a row are easy to remember.`
  if (letters.length > LONGEST) return `The password may have up to ${LONGEST} letters.`
  const plain = password.normalize('NFKC').toLowerCase().replace(/\s/g, '')
  if (new Set(plain).size < 5) return 'The password repeats a few letters, which is guessed first.'
  if (isRuns(plain)) return 'The password is a row of keys, which is guessed first.'
  const bare = plain.replace(/[013457@$]/g, (sign) => STANDS_FOR[sign] ?? sign).replace(/[\d\p{P}\p{S}]/gu, '')
  const known = [...COMMON, ...own.flatMap((name) => name.toLowerCase().split(/\s+/))].filter((word) => word.length >= 3)
  const left = known.toSorted((a, b) => b.length - a.length).reduce((rest, word) => rest.replaceAll(word.replace(/[\d\p{P}\p{S}]/gu, '') || word, ''), bare)
  return left.length < 4 ? 'The password is made of words that are guessed first: common ones, or your own name.' : null
}

const BOTH_WAYS = RUNS.flatMap((run) => [run, Array.from(run).reverse().join('')])

/** Nothing but pieces of four or more of such runs, and a sign or two. */
function isRuns(text: string): boolean {
  let at = 0
  while (text.length - at >= 4) {
    let length = text.length - at
    while (length >= 4 && !BOTH_WAYS.some((run) => run.includes(text.slice(at, at + length)))) length--
    if (length < 4) return false
    at += length
  }
  return text.length - at < 3
}

/** What is wrong with a PIN that opens a locked screen; null when nothing is. */
export function pinIssue(pin: string): string | null {
  if (!/^\d{4,8}$/.test(pin)) return 'A PIN is four to eight digits.'
  if (new Set(pin).size < 3 || isRuns(pin)) return 'This PIN is tried first by anybody. Choose another.'
  return null
}
