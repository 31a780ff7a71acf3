'use client'

import { Plus } from 'lucide-react'
import Link from 'next/link'
import { useState } from 'react'
import type { SymptomId } from '@/core/record/answer'
import { nextSymptom } from '@/core/record/admit'
import type { Symptom } from '@/core/record/exam'
import type { Place } from '@/core/vocabulary/body-area'
import { BodyChart } from '@/ui/body-chart/body-chart'
import { useExam } from '@/ui/exam/store'
import { ScreenTitle } from '@/ui/screen-title'
import { ConsentCard } from './consent-card'
import { FactsCard } from './facts-card'
import { nearSide } from '@/core/bench/places-offered'
import { Button } from '@/ui/button'
import { useKeys } from '@/ui/exam/use-keys'
import { PLACE_FIELD_ID, PlaceField } from './place-field'
import { PretestTable } from './pretest-table'
import { SchoolsCard } from './schools-card'
import { SymptomCard, WORDS_ID } from './symptom-card'

const EMPTY: Omit<Symptom, 'id'> = { words: '', places: [], qualities: [], now: null, worst: null, usual: null, bringsOn: '', eases: '', stirring: null }

/** What the person came with: numbered familiar symptoms, painted on the body. */
export function StoryScreen() {
  const { exam, record, entries, at } = useExam()
  const first: Symptom = { id: nextSymptom(exam), ...EMPTY }
  // An examination without a story shows an empty first card; it is recorded with its first answer.
  const cards = exam.symptoms.length > 0 ? exam.symptoms : [first]
  const [chosen, setChosen] = useState<SymptomId>(first.id)
  const current = cards.find((s) => s.id === chosen) ?? cards[0] ?? first
  const locked = exam.signed !== null
  /** What was removed last, until something else is done: removing is one press, and so is putting back. */
  const [removed, setRemoved] = useState<SymptomId | null>(null)
  useKeys(({ key }) => {
    const field = { p: PLACE_FIELD_ID, w: WORDS_ID }[key]
    if (!field) return false
    document.getElementById(field)?.focus()
    return true
  }, !locked)
  /** The removal is taken back, so that the symptom keeps its number. */
  const putBack = (id: SymptomId) => {
    const removal = entries().findLast((e) => e.type === 'symptom-removed' && e.symptom === id)
    if (removal && record([{ type: 'undone', target: removal.id }])) setChosen(id)
    setRemoved(null)
  }
  const describe = (change: Partial<Symptom>) => {
    const { id, ...told } = { ...current, ...change }
    record([{ type: 'symptom-described', symptom: id, ...told }])
  }
  const add = () => {
    const next = nextSymptom(exam)
    if (record([{ type: 'symptom-described', symptom: next, ...EMPTY, first: true }])) setChosen(next)
  }
  const toggle = (place: Place) => describe({ places: current.places.includes(place) ? current.places.filter((p) => p !== place) : [...current.places, place] })
  /** A stroke of the finger paints every place it crosses, or wipes them when it began on a painted one. */
  const stroke = (places: readonly Place[], paints: boolean) =>
    describe({ places: paints ? [...new Set([...current.places, ...places])] : current.places.filter((p) => !places.includes(p)) })
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] content-start gap-6 overflow-y-auto px-6 py-5 lg:grid-cols-[minmax(0,26rem)_1fr]">
      <section aria-label="Where it is">
        <ScreenTitle className="text-2xl">Story</ScreenTitle>
        <PlaceField painted={current.places} near={nearSide('none', exam)} onPaint={stroke} disabled={locked} />
        <BodyChart
          key={current.id}
          label={current.id}
          painted={current.places}
          others={exam.symptoms.filter((s) => s.id !== current.id).flatMap((s) => s.places)}
          onToggle={toggle}
          onStroke={stroke}
          disabled={locked}
        />
        <PretestTable />
      </section>
      <section aria-label="Symptoms" className="max-w-3xl space-y-4">
        {cards.map((symptom) => (
          <SymptomCard
            examId={exam.id}
            key={symptom.id}
            symptom={symptom}
            open={symptom.id === current.id}
            locked={locked}
            onOpen={() => setChosen(symptom.id)}
            onDescribe={describe}
            onRemove={() => {
              if (!record([{ type: 'symptom-removed', symptom: symptom.id }])) return
              setRemoved(symptom.id)
              setChosen('S1')
            }}
          />
        ))}
        {removed && !exam.symptoms.some((s) => s.id === removed) && (
          <p role="status" className="flex items-center gap-3 rounded-card border-l-[6px] border-lantern bg-sheet px-4 py-2">
            {removed} was removed.
            <Button onClick={() => putBack(removed)}>Put {removed} back</Button>
          </p>
        )}
        {!locked && exam.symptoms.length > 0 && (
          <button type="button" onClick={add} className="flex min-h-11 items-center gap-2 rounded-card border border-dashed border-ash px-4">
            <Plus size={18} aria-hidden="true" /> Another symptom
          </button>
        )}
        <FactsCard />
        <SchoolsCard />
        <ConsentCard />
        <div className="flex flex-wrap gap-3">
          <Link href={at('safety')} className="inline-flex min-h-12 items-center rounded-card border border-ink px-6 text-lg font-semibold">
            Safety screen
          </Link>
          <Link
            href={at('bench')}
            className="inline-flex min-h-12 items-center rounded-card bg-ink px-6 text-lg font-semibold text-dust aria-disabled:opacity-60"
          >
            To the bench
          </Link>
        </div>
        {exam.symptoms.length === 0 && <p className="text-ash">Nothing is recorded yet. A test can only bring on a symptom that stands here first.</p>}
      </section>
    </main>
  )
}
