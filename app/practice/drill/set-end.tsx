import Link from 'next/link'
import { useEffect, useRef } from 'react'
import type { DrillId } from '@/core/trainer/drills/drill'
import { type Drilled, dueOf } from '@/core/trainer/drills/schedule'
import { eyeError } from '@/core/trainer/drills/score'
import { counted } from '@/core/vocabulary/sentence'
import { Button } from '@/ui/button'

/** A question of a set that was answered wrongly, with why. */
export interface Missed {
  readonly ask: string
  readonly told: string
}

interface Props {
  readonly drill: DrillId
  /** All answers of this drill, this set's among them. */
  readonly answers: readonly Drilled[]
  /** The answers of this set. */
  readonly set: readonly Drilled[]
  readonly missed: readonly Missed[]
  readonly onAgain: () => void
}

/** How a set went: what was right, what was missed and why, and when it comes again. */
export function SetEnd({ drill, answers, set, missed, onAgain }: Props) {
  const right = set.filter((a) => a.right).length
  const eye = drill === 'angle-eye' ? eyeError(set) : null
  const [soonest] = dueOf(answers)
  const heading = useRef<HTMLHeadingElement>(null)
  // The button that led here is gone with the last question.
  useEffect(() => heading.current?.focus(), [])
  return (
    <section aria-labelledby="set-end" className="mt-4">
      <h2 ref={heading} tabIndex={-1} id="set-end" className="quiet-focus text-2xl">
        {right} of {counted(set.length, 'answer')} right
      </h2>
      {eye && (
        <p className="mt-1 text-lg">
          Your eye in this set: {eye.bias === 0 ? 'no bias' : `${Math.abs(eye.bias).toFixed(1)}° too ${eye.bias > 0 ? 'much' : 'little'} on average`}, SEM{' '}
          {eye.sem.toFixed(1)}°.
        </p>
      )}
      {missed.length > 0 && (
        <ul aria-label="Not right" className="mt-3 divide-y divide-hair rounded-card border border-hair bg-sheet">
          {missed.map(({ ask, told }, i) => (
            <li key={i} className="px-4 py-2">
              <p className="font-semibold">{ask}</p>
              <p>{told}</p>
            </li>
          ))}
        </ul>
      )}
      {soonest && <p className="mt-3 text-ash">The first of these comes again {dueWords(soonest.at, set.at(-1)?.at ?? soonest.at)}.</p>}
      <p className="mt-4 flex flex-wrap gap-3">
        <Button size="large" onClick={onAgain}>
          Another set
        </Button>
        <Button asChild size="large">
          <Link href="/practice">Back to practice</Link>
        </Button>
      </p>
    </section>
  )
}

const MINUTE = 60_000
const DAY = 24 * 60 * MINUTE

function dueWords(at: number, now: number): string {
  if (at <= now) return 'now'
  if (at - now < DAY / 2) return `in ${counted(Math.max(1, Math.round((at - now) / MINUTE)), 'minute')}`
  return `in ${counted(Math.max(1, Math.round((at - now) / DAY)), 'day')}`
}
