import type { Assessment, SourceVerdict } from '../assess'
import { testById } from '../catalogue'
import { rankedSources, estimateOf, standingOf } from '../standing'
import { counted, inSentence, listWords } from '../vocabulary/sentence'
import { sourceOf } from '../vocabulary/source'
import { about, percent } from './percent'

/** Findings that are named in one sentence; more are counted. */
const NAMED = 4

/**
 * The answer that a colleague would give, in one or two sentences: what stands out and how likely, then what speaks for it and against it.
 *
 * Nothing that was not tested is called unlikely, and nothing is called a diagnosis.
 *
 * @example ["Lumbosacral radiculopathy (L4-S1), left, stands out: about 85 %, from 55 % before testing.", "For it: straight leg raise. Against it: crossed straight leg raise."]
 */
export function answerOf({ sources, findings }: Assessment): readonly string[] {
  const standing = standingOf(sources)
  switch (standing.kind) {
    case 'refer': {
      const names = [...new Set(standing.sources.map((s) => sourceOf(s.source).inWords))]
      const why = standing.sources.flatMap((s) => s.pointers.filter((p) => p.direction === 'for').map((p) => p.why))[0]
      return [`Refer first: the findings suggest ${listWords(names)}, and that comes before every source that is treated.`, ...(why ? [why] : [])]
    }
    case 'disagrees': {
      const { source, contradiction } = standing
      const voices = contradiction.voices.map((v) => `${v.who} by itself says ${about(v.p)}`)
      return [
        `The evidence about ${inSentence(sourceOf(source.source).name)}, ${source.side}, contradicts itself: ${listWords(voices)}.`,
        'No source stands out until that is settled.',
      ]
    }
    case 'leads':
      return [leadWords(standing.source), ...reasons(standing.source)]
    case 'none':
      return findings.length === 0 ? ['Nothing was tested yet, so nothing is known.'] : noneWords(sources)
  }
}

function leadWords(verdict: SourceVerdict): string {
  const { name } = sourceOf(verdict.source)
  const p = estimateOf(verdict) ?? 0
  return `${name}, ${verdict.side}, stands out: ${about(p)}, from ${percent(verdict.weighed?.prior.p ?? 0)} before testing.`
}

/** What was found for and against, by the names of the tests. */
function reasons({ weighed }: SourceVerdict): readonly string[] {
  const steps = weighed?.joined.flatMap((j) => j.steps) ?? []
  const named = (positive: boolean) => {
    const tests = [
      ...new Set(steps.filter((s) => s.positive === positive && Math.abs(Math.log(s.lr)) > 0.01).map((s) => inSentence(testById(s.test)?.name ?? s.test))),
    ]
    return tests.length > NAMED ? `${tests.slice(0, NAMED).join(', ')} and ${counted(tests.length - NAMED, 'more test')}` : listWords(tests)
  }
  const [up, down] = [named(true), named(false)]
  const words = [up && `Positive: ${up}.`, down && `Negative: ${down}.`].filter(Boolean).join(' ')
  return words ? [words] : []
}

function noneWords(sources: readonly SourceVerdict[]): readonly string[] {
  const best = rankedSources(sources)
    .filter((s) => s.weighed !== null)
    .slice(0, 2)
    .map((s) => `${inSentence(sourceOf(s.source).name)}, ${s.side}, ${percent(estimateOf(s) ?? 0)}`)
  return ['Nothing stands out: no source reaches 30 % with ten points before the next.', ...(best.length > 0 ? [`Highest so far: ${listWords(best)}.`] : [])]
}
