import { EDITION } from '../edition'
import type { Exam } from '../record/exam'
import { editionWords } from '../vocabulary/edition'
import { momentWords } from './moment-words'

/** Which version of an examination a paper tells: a draft, or what was signed, with its addenda. */
export function versionWords({ signed, addenda }: Pick<Exam, 'signed' | 'addenda'>): string {
  const read = editionWords(signed?.frozen?.edition ?? EDITION)
  if (!signed) return `Version: draft, not signed; ${read}`
  const added = addenda.length === 0 ? '' : `, with ${addenda.length === 1 ? 'one addendum' : `${addenda.length} addenda`}`
  return `Version ${addenda.length + 1}: signed ${momentWords(signed.at)} by ${signed.by}${added}; ${read}`
}
