import type { SourceVerdict } from '@/core/assess'
import { percent } from '@/core/note/percent'
import type { Hinge, Holding } from '@/core/sensitivity'
import type { Standing } from '@/core/standing'
import { sourceOf } from '@/core/vocabulary/source'
import type { Sensitivity } from '@/workers/sensitivity.worker'

/** The leading source, and whether it leads whatever one thing is changed. */
export function Leading({ standing, leader, holding }: { readonly standing: Standing; readonly leader: string | null; readonly holding: Holding | undefined }) {
  if (standing.kind === 'disagrees') {
    const { source, side } = standing.source
    return (
      <p className="min-h-12 max-w-3xl" role="status">
        <strong>
          {sourceOf(source).name}, {side}: evidence disagrees.
        </strong>{' '}
        {standing.contradiction.voices.map((v) => `${v.who} by itself: about ${percent(v.p)}.`).join(' ')} No source stands out.
      </p>
    )
  }
  if (!leader) return null
  return (
    <p className="min-h-12 max-w-3xl" role="status">
      <strong>{leader}</strong> leads. {holding ? holdingWords(holding) : 'What that hangs on is being computed.'}
    </p>
  )
}

function holdingWords({ holds, words }: Holding): string {
  return holds
    ? 'It holds: no single finding turned round, no single pretest halved or doubled, and no other shared cause would put another source first.'
    : `That ${words}.`
}

/** The one finding that would move this source most. */
export function HangsOn({ verdict, sensitivity }: { readonly verdict: SourceVerdict; readonly sensitivity: Sensitivity | null }) {
  const hinge: Hinge | undefined = sensitivity?.hinges[`${verdict.source} ${verdict.side}`]
  if (!hinge) return null
  return (
    <p className="mt-2 max-w-3xl">
      <strong>Hangs most on {hinge.finding}.</strong> Had it come out the other way, {verdict.weighed?.contradiction ? 'its figure' : 'the leading figure'}{' '}
      would be <span className="whitespace-nowrap">{percent(hinge.then)}</span> instead of <span className="whitespace-nowrap">{percent(hinge.now)}.</span>
    </p>
  )
}
