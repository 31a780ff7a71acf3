import type { SourceVerdict } from '@/core/assess'
import { percent } from '@/core/note/percent'
import type { Hinge, Holding } from '@/core/sensitivity'
import { capital } from '@/core/vocabulary/sentence'
import type { Sensitivity } from '@/workers/sensitivity.worker'

/** What would overturn the answer: one finding, one pretest or one correlation; or that none of them would. */
export function holdingWords(holding: Holding | undefined): string {
  if (!holding) return 'What would overturn this is being computed.'
  return holding.holds
    ? 'No single finding reversed, no pretest probability halved or doubled, and no other correlation between tests would put another source first.'
    : `${capital(holding.words)}.`
}

/** The one finding that would change this source most. */
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
