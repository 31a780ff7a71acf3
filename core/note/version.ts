import { EDITION } from '../edition'
import type { Exam } from '../record/exam'
import { counted } from '../vocabulary/sentence'
import { editionWords } from '../vocabulary/edition'
import { momentWords } from './moment-words'
import type { SignatureProof } from './note'

/** Which version of an examination a paper tells: a draft, or what was signed, with its addenda and its check code. */
export function versionWords({ signed, addenda, late }: Pick<Exam, 'signed' | 'addenda' | 'late'>, proof?: SignatureProof): string {
  const read = editionWords(signed?.frozen?.edition ?? EDITION)
  if (!signed) return `Version: draft, not signed; ${read}`
  const added = addenda.length === 0 ? '' : `, with ${addenda.length === 1 ? 'one addendum' : `${addenda.length} addenda`}`
  const since = late.length === 0 ? '' : `, with ${counted(late.length, 'safety entry', 'safety entries')} after signing`
  const signedBy = proof?.claimed ? `signed, as its file says, ${momentWords(signed.at)} by ${signed.by}` : `signed ${momentWords(signed.at)} by ${signed.by}`
  const code = proof?.code == null ? '' : `; check code ${proof.code}`
  return `Version ${addenda.length + late.length + 1}: ${signedBy}${added}${since}${code}; ${read}`
}
