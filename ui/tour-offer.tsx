'use client'

import Link from 'next/link'
import { Button } from './button'
import { goTour, useTour } from './tour-state'

/** On Today of the demo clinic, until somebody has had it or said no: a tour of four steps on an invented person. */
export function TourOffer({ examId }: { readonly examId: string | null }) {
  const at = useTour('offered')
  if (at !== 'offered' || examId === null) return null
  return (
    <section aria-label="A first look round" className="mt-6 flex flex-wrap items-center gap-3 rounded-card border-l-[6px] border-lantern bg-sheet px-5 py-4">
      <p className="mr-auto max-w-2xl">
        <strong>New here?</strong> Everybody in this clinic is invented. Four steps show an examination from story to answer.
      </p>
      <Button asChild look="main">
        <Link href={`/exam/${examId}/story`} onClick={() => goTour(0)}>
          Show me round
        </Link>
      </Button>
      <Button onClick={() => goTour('over')} look="quiet">
        Not now
      </Button>
    </section>
  )
}
