import type { Assessment } from '../assess'
import { URGENCY_WORDS } from '../safety/gate'
import { haltsOf } from '../safety/safety'
import { estimateOf, standingOf } from '../standing'
import { capital, listWords } from '../vocabulary/sentence'
import { sourceOf } from '../vocabulary/source'
import type { Paragraph } from './paragraph'
import { percent } from './percent'

/** What whoever reads on has to know first: how urgent it is, and what stands out. Findings that point, never a diagnosis. */
export function inShortParagraph(assessment: Assessment): Paragraph {
  const halts = haltsOf(assessment.exam).map(({ gate }) => `${gate.strength === 'halt' ? URGENCY_WORDS[gate.urgency] : 'Halted'}: ${gate.reason} ${gate.do}`)
  return { heading: 'In short', lines: [...halts, conclusion(assessment)] }
}

function conclusion({ sources, findings }: Assessment): string {
  const standing = standingOf(sources)
  if (standing.kind === 'refer') {
    const names = [...new Set(standing.sources.map((s) => sourceOf(s.source).inWords))]
    return `${capital(listWords(names))} ${names.length === 1 ? 'is' : 'are'} pointed to and ${names.length === 1 ? 'comes' : 'come'} first: refer.`
  }
  if (standing.kind === 'leads') {
    const { source, side } = standing.source
    return `The findings point most to ${sourceOf(source).inWords}, ${side}: about ${percent(estimateOf(standing.source) ?? 0)}.`
  }
  return findings.length === 0 ? 'Nothing was tested.' : 'No source stands out.'
}
