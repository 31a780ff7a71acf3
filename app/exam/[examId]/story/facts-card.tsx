'use client'

import { FACTS } from '@/core/story/facts'
import { sourceOf } from '@/core/vocabulary/source'
import { areaOf, bodyArea } from '@/core/vocabulary/body-area'
import { useExam } from '@/ui/exam/store'

/** Questions of the history, asked only where something reads the answer. */
export function FactsCard() {
  const { exam, record } = useExam()
  const zones = new Set(exam.symptoms.flatMap((s) => s.places).map((place) => bodyArea(areaOf(place)).zone))
  const asked = FACTS.filter((fact) => fact.zones.some((zone) => zones.has(zone)))
  if (asked.length === 0) return null
  return (
    <section aria-labelledby="history" className="rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="history" className="text-xl">
        History that is read
      </h2>
      <ul className="mt-2 divide-y divide-hair">
        {asked.map((fact) => (
          <li key={fact.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5">
            <span className="min-w-60 flex-1">
              {fact.ask}{' '}
              <span className="block text-sm text-ash">
                “{fact.points.on}” points to {sourceOf(fact.points.source).inWords}
              </span>
            </span>
            {(['yes', 'no'] as const).map((answer) => (
              <button
                key={answer}
                type="button"
                disabled={exam.signed !== null}
                aria-pressed={exam.facts[fact.id] === answer}
                aria-label={`${answer}: ${fact.ask}`}
                onClick={() => record([{ type: 'fact-told', fact: fact.id, answer }])}
                className="min-h-11 w-16 rounded-card border-2 border-edge font-semibold aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-dust"
              >
                {answer}
              </button>
            ))}
          </li>
        ))}
      </ul>
    </section>
  )
}
