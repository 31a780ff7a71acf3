import readability from 'text-readability'

/** School year (US) that reads a text: Kincaid 1975. About twelve years of age is the sixth. */
export const fleschKincaidGrade = (text: string) => readability.fleschKincaidGrade(plain(text))
/** From 0, hard, to 100, easy: Flesch 1948. 80 to 90 is the sixth school year. */
export const fleschReadingEase = (text: string) => readability.fleschReadingEase(plain(text))
/** School year (US) by letters instead of syllables: Smith and Senter 1967. */
export const automatedReadabilityIndex = (text: string) => readability.automatedReadabilityIndex(plain(text))
/** By words that children of ten know: Dale and Chall 1948; under 7 is the seventh year at most. */
export const daleChallReadabilityScore = (text: string) => readability.daleChallReadabilityScore(plain(text))

/** One sentence after another, as they are read. */
function plain(text: string): string {
  return text
    .split('\n')
    .map((line) => line.replace(/^- /, '').trim())
    .filter((line) => line !== '')
    .map((line) => (/[.!?:]$/.test(line) ? line : `${line}.`))
    .join(' ')
}
