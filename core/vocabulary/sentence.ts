/**
 * Join words the way a sentence does.
 *
 * @example listWords(['calf', 'heel', 'buttock']) // "calf, heel and buttock"
 */
export function listWords(words: readonly string[]): string {
  if (words.length < 2) return words[0] ?? ''
  return `${words.slice(0, -1).join(', ')} and ${words[words.length - 1] ?? ''}`
}

/** First letter large; the rest as it is. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** Tests and signs that carry somebody's name keep its capital anywhere. */
const EPONYM = /^(?:Adson|Bakody|Bragard|Carnett|Gaenslen|Gillet|Kemp|Lhermitte|Roos|Sharp-Purser|Spurling|Valsalva|Yeoman)\b/

/** A title inside a sentence: its first letter small, unless it is an abbreviation or somebody's name. */
export function inSentence(title: string): string {
  return /^[A-Z](?:[A-Z0-9]|-[A-Z])/.test(title) || EPONYM.test(title) ? title : title.charAt(0).toLowerCase() + title.slice(1)
}

/**
 * A count with its noun, in the right number.
 *
 * @example counted(1, 'test') // "1 test"
 * @example counted(0, 'test') // "0 tests"
 */
export function counted(n: number, noun: string, plural = `${noun}s`): string {
  return `${n} ${n === 1 ? noun : plural}`
}
