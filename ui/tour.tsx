'use client'

import Link from 'next/link'
import { Button } from './button'
import { goTour, type TourAt, useTour } from './tour-state'

const STEPS = [
  {
    screen: 'story',
    title: 'The story',
    says: 'Each symptom the person came with has a number and a place on the chart. Only bringing one of these on makes a test positive. Type “l calf”, or point.',
  },
  {
    screen: 'safety',
    title: 'Safety first',
    says: 'Read the questions aloud, one key each. What a yes stops stands beside it at once. A test that needs a question asks it again on the bench.',
  },
  {
    screen: 'bench',
    title: 'The bench',
    says: 'One test in hand: Space is nothing, Enter is “that is my pain”, full stop is stop, G any test, ? every key. On the right: what the answers say so far.',
  },
  {
    screen: 'weigh',
    title: 'Weigh, and the note',
    says: 'The answer in two sentences, what would overturn it, what next. Below, how it was computed. The note is written from the same record.',
  },
] as const

/** The step of the tour that is on, at the foot of an examination's screens. */
export function TourStep({ examId }: { readonly examId: string }) {
  const at = useTour()
  if (at === 'offered' || at === 'over') return null
  const step = STEPS[at]
  const back = STEPS[at - 1]
  const next = STEPS[at + 1]
  return (
    <section aria-label="Tour" className="no-print flex flex-wrap items-center gap-3 border-t-4 border-lantern bg-sheet px-4 py-3 sm:px-6">
      <p className="mr-auto max-w-4xl" role="status">
        <strong>
          {at + 1} of {STEPS.length}: {step.title}.
        </strong>{' '}
        {step.says}
      </p>
      {back && (
        <Button asChild>
          <Link href={`/exam/${examId}/${back.screen}`} onClick={() => goTour((at - 1) as TourAt)}>
            Back
          </Link>
        </Button>
      )}
      {next ? (
        <Button asChild look="main">
          <Link href={`/exam/${examId}/${next.screen}`} onClick={() => goTour((at + 1) as TourAt)}>
            Next: {next.title}
          </Link>
        </Button>
      ) : (
        <Button onClick={() => goTour('over')} look="main">
          Done
        </Button>
      )}
      {next && (
        <Button onClick={() => goTour('over')} look="quiet">
          Leave the tour
        </Button>
      )}
    </section>
  )
}
