import type { SourceVerdict } from '@/core/assess'
import type { Weighed } from '@/core/evidence/weigh'
import { percent } from '@/core/note/percent'

/** The figure of a source; both of two voices that contradict each other, since then none leads. */
export function figureShown(weighed: Weighed | null, value: number): string {
  const range = tornRange(weighed)
  return range ? `${percent(range[0])} or ${percent(range[1])}` : percent(value)
}

/** What stands where a figure is not: nothing done so far says anything about it, or what does has no published accuracy that fits. */
export function withoutFigure({ pointers }: Pick<SourceVerdict, 'pointers'>): 'not assessed yet' | 'no figure' {
  return pointers.length === 0 ? 'not assessed yet' : 'no figure'
}

/** The lower and the higher of two voices that contradict each other; null while none do. */
export function tornRange(weighed: Weighed | null): readonly [number, number] | null {
  if (!weighed?.contradiction) return null
  const [up, down] = weighed.contradiction.voices
  return [Math.min(up.p, down.p), Math.max(up.p, down.p)]
}
