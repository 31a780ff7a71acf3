import type { TestId } from '../catalogue/exam-test'
import { POSTURES, type Posture } from '../vocabulary/posture'
import type { TestSide } from '../vocabulary/side'
import { testById } from '../catalogue'
import type { Changes, SignHistory } from './changes'

/** A sign to be measured again, the way it was measured before. */
export interface RecheckStep {
  readonly test: TestId
  readonly side: TestSide
  /** The technique of the baseline; absent where there is none yet. */
  readonly variant?: string
}

/** The comparable signs that were not measured yet in this moment of the visit, in the order the body lies. */
export function recheckRoute({ signs }: Pick<Changes, 'signs'>): readonly RecheckStep[] {
  return signs
    .filter((sign) => sign.listed && !sign.done)
    .flatMap((sign) => {
      const test = testById(sign.test)
      const way = wayOf(sign)
      return test ? [{ step: { test: test.id, side: sign.side, ...(way && { variant: way }) }, at: POSTURES.indexOf(postureIn(test.id, way)) }] : []
    })
    .toSorted((a, b) => a.at - b.at)
    .map(({ step }) => step)
}

/** How a sign is done again: as the last time, which another technique chosen on purpose goes on with. */
function wayOf({ runs, baseline }: SignHistory): string | undefined {
  return runs.at(-1)?.run.variant ?? baseline?.run.variant
}

function postureIn(id: TestId, variant: string | undefined): Posture {
  const test = testById(id)
  return test?.variants.find((v) => v.id === variant)?.posture ?? test?.posture ?? 'sitting'
}
