'use client'

import Link from 'next/link'
import { useSyncExternalStore } from 'react'
import { Button } from './button'

const PLACE = 'dust-lantern-tour'
const CHANGED = 'dust-lantern-tour-changed'

/** Where the tour stands on this device: not offered yet, at a step, or over. */
type At = 'offered' | 'over' | 0 | 1 | 2 | 3

function read(): At {
  const kept = localStorage.getItem(PLACE)
  if (kept === 'over') return 'over'
  return kept === '0' || kept === '1' || kept === '2' || kept === '3' ? (Number(kept) as At) : 'offered'
}

function go(at: At): void {
  localStorage.setItem(PLACE, String(at))
  window.dispatchEvent(new Event(CHANGED))
}

function subscribe(changed: () => void): () => void {
  window.addEventListener(CHANGED, changed)
  return () => window.removeEventListener(CHANGED, changed)
}

const useAt = (): At => useSyncExternalStore(subscribe, read, () => 'over')

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

/** On Today of the demo clinic, until somebody has had it or said no: a tour of four steps on an invented person. */
export function TourOffer({ examId }: { readonly examId: string | null }) {
  const at = useAt()
  if (at !== 'offered' || examId === null) return null
  return (
    <section aria-label="A first look round" className="mt-6 flex flex-wrap items-center gap-3 rounded-card border-l-[6px] border-lantern bg-sheet px-5 py-4">
      <p className="mr-auto max-w-2xl">
        <strong>New here?</strong> Everybody in this clinic is invented. Four steps show an examination from story to answer.
      </p>
      <Button asChild look="main">
        <Link href={`/exam/${examId}/story`} onClick={() => go(0)}>
          Show me round
        </Link>
      </Button>
      <Button onClick={() => go('over')} look="quiet">
        Not now
      </Button>
    </section>
  )
}

/** The step of the tour that is on, at the foot of an examination's screens. */
export function TourStep({ examId }: { readonly examId: string }) {
  const at = useAt()
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
          <Link href={`/exam/${examId}/${back.screen}`} onClick={() => go((at - 1) as At)}>
            Back
          </Link>
        </Button>
      )}
      {next ? (
        <Button asChild look="main">
          <Link href={`/exam/${examId}/${next.screen}`} onClick={() => go((at + 1) as At)}>
            Next: {next.title}
          </Link>
        </Button>
      ) : (
        <Button onClick={() => go('over')} look="main">
          Done
        </Button>
      )}
      {next && (
        <Button onClick={() => go('over')} look="quiet">
          Leave the tour
        </Button>
      )}
    </section>
  )
}
