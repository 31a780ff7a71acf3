'use client'

import { testTitle } from '@/core/catalogue/exam-test'
import { PLAN_MODES } from '@/core/planner/modes'
import { WORTH_DOING } from '@/core/planner/order'
import { optionsOf } from '@/core/planner/options'
import { routeOf } from '@/core/planner/route'
import { POSTURE_WORDS } from '@/core/vocabulary/posture'
import { TableHead } from '@/ui/table-head'
import { useExam } from '@/ui/exam/store'

/** What to do next and why, what else there is, and what each costs. */
export function NextTests() {
  const { assessment, exam, turns } = useExam()
  const route = routeOf(assessment, { turns })
  const options = optionsOf(assessment, route, turns).slice(0, 6)
  return (
    <section aria-label="What next" className="max-w-5xl">
      <p className="text-ash">
        Plan: {PLAN_MODES.find((m) => m.id === exam.mode)?.name.toLowerCase()}. Below, the open tests by their expected gain for the time they take: how much
        doubt a test is expected to remove, where 1 is all the doubt of an even chance. Under {WORTH_DOING} a minute a test would not change the picture.
      </p>
      {options.length > 0 && (
        <table className="mt-3 w-full max-w-4xl text-left text-[15px]">
          <TableHead heads={['Test', 'Position', 'Seconds', 'Position change', 'Expected gain', 'Gain a minute', 'For']} />
          <tbody>
            {options.map((o) => (
              <tr key={`${o.test.id} ${o.side}`} className={`border-t border-hair ${o.perMinute < WORTH_DOING ? 'text-ash' : ''}`}>
                <th scope="row" className="py-1 pr-4 font-normal">
                  {testTitle(o.test, o.side)}
                </th>
                <td className="whitespace-nowrap py-1 pr-4">{POSTURE_WORDS[o.posture].toLowerCase()}</td>
                <td className="figures py-1 pr-4">{o.seconds}</td>
                <td className="figures py-1 pr-4">{o.turn === 0 ? '–' : o.turn}</td>
                <td className="figures py-1 pr-4">{o.bits.toFixed(2)}</td>
                <td className="figures py-1 pr-4">{o.perMinute.toFixed(2)}</td>
                <td className="py-1">{o.reason}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
