import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { URGENCY_WORDS } from '../safety/gate'
import { haltsOf } from '../safety/safety'
import { estimateOf, standingOf } from '../standing'
import { inSentence, listWords } from '../vocabulary/sentence'
import { SIDES } from '../vocabulary/side'
import { sourceOf } from '../vocabulary/source'
import type { Paragraph } from './paragraph'
import { about } from './percent'

/** What whoever reads on has to know first: how urgent it is, and what stands out. Findings that point, never a diagnosis. */
export function inShortParagraph(assessment: Assessment): Paragraph {
  const halts = haltsOf(assessment.exam).map(({ gate }) => `${gate.strength === 'halt' ? URGENCY_WORDS[gate.urgency] : 'Halted'}: ${gate.reason} ${gate.do}`)
  return { heading: 'In short', lines: [...halts, conclusion(assessment), ...armConclusions(assessment), ...stabilisation(assessment)] }
}

function conclusion({ sources, findings }: Assessment): string {
  const standing = standingOf(sources)
  if (standing.kind === 'refer') {
    const names = [...new Set(standing.sources.map((s) => sourceOf(s.source).inWords))]
    return `Refer first: findings that suggest ${listWords(names)}.`
  }
  if (standing.kind === 'leads') {
    const { source, side } = standing.source
    return `The findings point most to ${sourceOf(source).inWords}, ${side}: ${about(estimateOf(standing.source) ?? 0)}.`
  }
  if (standing.kind === 'disagrees') {
    const { source, contradiction } = standing
    const voices = contradiction.voices.map((v) => `${v.who} by itself ${about(v.p)}`)
    return `The evidence about ${sourceOf(source.source).inWords}, ${source.side}, disagrees: ${listWords(voices)}. No source stands out.`
  }
  return findings.length === 0 ? 'Nothing was tested.' : 'No source stands out.'
}

/** Whether the neck has a part in what the arm nerve tests brought on, side by side; one that the neck changed outweighs others it did not. */
function armConclusions({ findings }: Assessment): readonly string[] {
  return SIDES.flatMap((side) => {
    const said = findings.flatMap((f) => {
      const reading = testById(f.test)?.reading
      const conclusion = reading?.kind === 'staged-tension' ? reading.conclusion : undefined
      return f.side === side && conclusion ? f.checks.filter((c) => c === conclusion.changed || c === conclusion.same) : []
    })
    const first = said.find((words) => words.startsWith('Cervical')) ?? said[0]
    return first ? [`ULNT, ${side}: ${inSentence(first)}`] : []
  })
}

/** Speaks of how exercise may go, not of a source; and says that a later trial did not confirm it. */
function stabilisation({ rules }: Assessment): readonly string[] {
  const met = rules.find((r) => r.cluster.basis === 'prognosis' && r.state === 'met')
  return met ? [`Likely to do well with a stabilising programme: ${met.cluster.name}: ${met.words} (${inSentence(met.cluster.badge ?? 'not confirmed')}).`] : []
}
