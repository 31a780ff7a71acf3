import type { SourceVerdict } from '@/core/assess'
import { about, percent } from '@/core/note/percent'
import type { Hinge, Holding } from '@/core/sensitivity'
import type { Standing } from '@/core/standing'
import { listWords } from '@/core/vocabulary/sentence'
import { sourceOf } from '@/core/vocabulary/source'
import type { Sensitivity } from '@/workers/sensitivity.worker'

/** Which of the four answers it is; and of a source that leads, whether it does so whatever one thing is changed. */
export function Leading({ standing, moved, holding }: { readonly standing: Standing; readonly moved: boolean; readonly holding: Holding | undefined }) {
  if (standing.kind === 'disagrees') {
    const { source, side } = standing.source
    return (
      <p className="min-h-12 max-w-3xl" role="status">
        <strong>
          {sourceOf(source).name}, {side}: evidence disagrees.
        </strong>{' '}
        {standing.contradiction.voices.map((v) => `${v.who} by itself: ${about(v.p)}.`).join(' ')} No source stands out.
      </p>
    )
  }
  if (standing.kind === 'refer') {
    return (
      <p className="min-h-12 max-w-3xl" role="status">
        <strong>Refer first.</strong> The findings suggest {listWords([...new Set(standing.sources.map((s) => sourceOf(s.source).inWords))])}: that comes before
        every source that is treated.
      </p>
    )
  }
  if (standing.kind === 'none') {
    // What was not tested is not known: it is no answer yet.
    if (!moved) return null
    return (
      <p className="min-h-12 max-w-3xl" role="status">
        <strong>Nothing stands out.</strong> No source reaches 30 % with ten points before the next.
      </p>
    )
  }
  const { source, side } = standing.source
  return (
    <p className="min-h-12 max-w-3xl" role="status">
      <strong>
        {sourceOf(source).name}, {side}
      </strong>{' '}
      leads. {holding ? holdingWords(holding) : 'What that depends on is being computed.'}
    </p>
  )
}

function holdingWords({ holds, words }: Holding): string {
  return holds
    ? 'No single finding reversed, no pretest probability halved or doubled, and no other correlation between tests would put another source first.'
    : `That ${words}.`
}

/** The one finding that would move this source most. */
export function DependsOn({ verdict, sensitivity }: { readonly verdict: SourceVerdict; readonly sensitivity: Sensitivity | null }) {
  const hinge: Hinge | undefined = sensitivity?.hinges[`${verdict.source} ${verdict.side}`]
  if (!hinge) return null
  return (
    <p className="mt-2 max-w-3xl">
      <strong>Depends most on {hinge.finding}.</strong> Had it come out the other way, {verdict.weighed?.contradiction ? 'its estimate' : 'the estimate'} would
      be <span className="whitespace-nowrap">{percent(hinge.then)}</span> instead of <span className="whitespace-nowrap">{percent(hinge.now)}.</span>
    </p>
  )
}
