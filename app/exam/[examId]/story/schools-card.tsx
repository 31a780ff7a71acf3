'use client'

import { chosenSchools, sameSchools } from '@/core/catalogue/schools'
import { useExam } from '@/ui/exam/store'
import { Button } from '@/ui/button'

/** The schools this examination follows, and the one step to follow the clinic's from here on. */
export function SchoolsCard() {
  const { exam, house, record } = useExam()
  const own = chosenSchools(exam)
  const differs = house.setting !== exam.setting || !sameSchools(house, exam)
  if (own.length === 0 && exam.setting === 'referred' && !differs) return null
  return (
    <section aria-labelledby="schools" className="rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="schools" className="text-xl">
        Schools of this examination
      </h2>
      <ul className="mt-2 space-y-1">
        {own.length === 0 && <li className="text-ash">The default school everywhere.</li>}
        {own.map(({ question, school }) => (
          <li key={question.id}>
            <span className="text-ash">{question.ask}</span> {school.name}.
          </li>
        ))}
        <li className="text-ash">Pretest probabilities: {exam.setting === 'referred' ? 'people who were referred' : 'people at first contact'}.</li>
      </ul>
      {differs && exam.signed === null && (
        <>
          <p className="mt-3">The clinic follows other schools by now. Taking them over changes what is planned next; what was found stays as it was.</p>
          <Button onClick={() => record([{ type: 'schools-chosen', schools: house.schools, setting: house.setting }])} className="mt-2">
            Follow the clinic from here on
          </Button>
        </>
      )}
    </section>
  )
}
