'use client'

import { pretestsOf } from '@/core/evidence/pretests'
import { percent } from '@/core/note/percent'
import { sourceOf } from '@/core/vocabulary/source'
import { useExam } from '@/ui/exam/store'

const SETTING_WORDS = { referred: 'people who were referred', 'first-contact': 'first contact' } as const

/** Where each source starts, from what is painted: the pretest, each with where it comes from. */
export function PretestTable() {
  const { exam, assessment } = useExam()
  const rows = pretestsOf(exam, assessment.weights.knowledge.priors)
  const other = exam.setting === 'referred' ? 'first-contact' : 'referred'
  if (exam.symptoms.every((s) => s.places.length === 0)) return null
  return (
    <section aria-labelledby="pretest" className="mt-5">
      <h2 id="pretest" className="text-xl">
        Pretest, from the chart
      </h2>
      <p className="text-[15px] text-ash">
        How likely each source is before any test, in {SETTING_WORDS[exam.setting]}. Sources that the chart puts nowhere are not listed.
      </p>
      {rows.length === 0 ? (
        <p className="mt-2">What is painted gives no source a pretest probability.</p>
      ) : (
        <table className="mt-2 w-full border-collapse text-left align-top">
          <thead>
            <tr className="border-b border-ash text-[15px] text-ash">
              <th scope="col" className="py-1 pr-3 font-normal">
                Source, and where its pretest probability comes from
              </th>
              <th scope="col" className="py-1 pr-3 text-right font-normal">
                Pretest
              </th>
              <th scope="col" className="py-1 text-right font-normal">
                {other === 'referred' ? 'If referred' : 'First contact'}
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ source, side, prior, otherwise }) => (
              <tr key={`${source} ${side}`} className="border-b border-hair align-top">
                <th scope="row" className="py-1.5 pr-3 font-normal">
                  <span className="font-semibold">
                    {sourceOf(source).name}, {side}
                  </span>
                  <span className="block text-[15px] leading-snug text-ash">
                    {prior.why}
                    {prior.assumed ? ': assumed.' : '.'}
                  </span>
                </th>
                <td className="figures py-1.5 pr-3 text-right text-lg">{percent(prior.p)}</td>
                <td className="figures py-1.5 text-right text-lg text-ash">{percent(otherwise.p)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
