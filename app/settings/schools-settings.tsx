'use client'

import { useState } from 'react'
import { SCHOOLS } from '@/core/catalogue/schools'
import { PLAN_MODES } from '@/core/planner/modes'
import type { PlanMode } from '@/core/record/event'
import { chooseForClinic } from './actions'
import { SavedNote } from './saved-note'
import { useSaving } from './use-saving'

interface Props {
  readonly schools: Readonly<Record<string, string>>
  readonly mode: PlanMode
}

/** Questions on which practitioners disagree: the clinic's answer to each. */
export function SchoolsSettings({ schools, mode }: Props) {
  const saving = useSaving()
  const [chosen, setChosen] = useState(schools)
  const [plan, setPlan] = useState(mode)
  const choose = (question: string, id: string) => {
    const next = { ...chosen, [question]: id }
    setChosen(next)
    void saving.save((entry) => chooseForClinic(entry, 'schools', next))
  }
  return (
    <section aria-labelledby="schools" className="mt-6 rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="schools" className="text-xl">
        Schools
      </h2>
      <p className="mt-1 text-ash">
        Written into every examination that is opened from now on, and into its note. Earlier examinations keep theirs; what was found never changes.
      </p>
      <SavedNote saving={saving} />
      <div className="grid gap-x-8 gap-y-5 md:grid-cols-2">
        {SCHOOLS.map((question) => (
          <fieldset key={question.id}>
            <legend className="font-semibold">{question.ask}</legend>
            {question.schools.map((school, i) => (
              <label key={school.id} className="flex min-h-11 items-start gap-3 py-1.5">
                <input
                  type="radio"
                  name={question.id}
                  value={school.id}
                  checked={(chosen[question.id] ?? question.schools[0].id) === school.id}
                  onChange={() => choose(question.id, school.id)}
                  className="mt-1 size-5 shrink-0 accent-[var(--lantern)]"
                />
                <span>
                  {school.name}
                  {i === 0 && <span className="text-ash"> (default)</span>}
                </span>
              </label>
            ))}
            <p className="text-sm text-ash">{question.changes}</p>
          </fieldset>
        ))}
        <fieldset>
          <legend className="font-semibold">How are the tests planned?</legend>
          {PLAN_MODES.map((m) => (
            <label key={m.id} className="flex min-h-11 items-start gap-3 py-1.5">
              <input
                type="radio"
                name="plan-mode"
                checked={plan === m.id}
                onChange={() => {
                  setPlan(m.id)
                  void saving.save((entry) => chooseForClinic(entry, 'mode', m.id))
                }}
                className="mt-1 size-5 shrink-0 accent-[var(--lantern)]"
              />
              <span>
                {m.name}. <span className="text-ash">{m.says}</span>
              </span>
            </label>
          ))}
          <p className="text-sm text-ash">Can be changed on the bench at any time.</p>
        </fieldset>
      </div>
    </section>
  )
}
