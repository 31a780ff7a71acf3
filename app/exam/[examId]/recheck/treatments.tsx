'use client'

import { format } from 'date-fns'
import { useState } from 'react'
import { treatmentWords } from '@/core/note/treatment-words'
import { RESPONSES } from '@/core/record/visit-events'
import { Button } from '@/ui/button'
import { useExam } from '@/ui/exam/store'
import { TreatmentStrip } from '../bench/treatment-strip'

/** What was done in this visit, how the person said it was then, and how strong the symptoms are. */
export function Treatments() {
  const { exam, record } = useExam()
  const [adding, setAdding] = useState(false)
  return (
    <aside aria-label="Treatment" className="border-hair bg-sheet px-5 py-5 lg:overflow-y-auto lg:border-l print:border-l-0 print:bg-transparent">
      <h2 className="text-xl">Treatment</h2>
      {exam.treatments.length === 0 && (
        <p className="mt-1 text-ash">
          None noted in this visit. What is measured after one is read as change, and rules and sources keep to what was found before.
        </p>
      )}
      <ol className="mt-2 space-y-3">
        {exam.treatments.map((treatment, i) => (
          <li key={treatment.id}>
            <p>
              <strong>{i + 1}.</strong> <span className="figures text-ash">{format(treatment.at, 'HH:mm')}</span> {treatmentWords(treatment)}.
            </p>
            {treatment.response === null && !exam.signed && (
              <div role="group" aria-label={`“How is it now?” after treatment ${i + 1}`} className="no-print mt-1 flex flex-wrap gap-2">
                {RESPONSES.map((response) => (
                  <Button key={response} onClick={() => record([{ type: 'treatment-answered', treatment: i + 1, response }])}>
                    {response}
                  </Button>
                ))}
              </div>
            )}
          </li>
        ))}
      </ol>
      {!exam.signed && !adding && (
        <Button className="no-print mt-3" onClick={() => setAdding(true)}>
          Note a treatment
        </Button>
      )}
      {adding && (
        <div className="-mx-5 mt-2">
          <TreatmentStrip
            onKeep={(treatment) => {
              if (record([{ type: 'treatment-given', ...treatment }])) setAdding(false)
            }}
            onBack={() => setAdding(false)}
          />
        </div>
      )}
      <h2 className="mt-6 text-xl">Familiar symptoms</h2>
      <ul className="mt-1 space-y-1">
        {exam.symptoms.map((s) => (
          <li key={s.id}>
            <strong>{s.id}</strong> {s.words}
            <span className="block text-ash">
              {s.now === null ? 'not asked in this visit: rate it on Story' : `${s.now} of 10 now`}
              {s.worst !== null && `, worst ${s.worst}`}
              {s.usual !== null && `, usual ${s.usual}`}
            </span>
          </li>
        ))}
      </ul>
    </aside>
  )
}
