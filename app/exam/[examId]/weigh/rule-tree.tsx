'use client'

import { testById } from '@/core/catalogue'
import type { RuleVerdict } from '@/core/clusters/verdict'
import { findingFor } from '@/core/findings/findings'
import type { Evaluated } from '@/core/logic/evaluate'
import { explain } from '@/core/logic/explain'
import { rowsOf } from '@/core/evidence/register'
import { times2 } from '@/ui/charts/odds-ladder-layout'
import { type LikelihoodRatios, likelihoodRatios } from '@/core/evidence/likelihood-ratio'
import { RulePip } from '@/ui/board/rule-pips'
import { useExam } from '@/ui/exam/store'

/** A rule with the truth of every part, the reason beside it, and its figures with their doubt. */
export function RuleTree({ rule, colour }: { readonly rule: RuleVerdict; readonly colour: string }) {
  return (
    <section aria-label={rule.cluster.name}>
      <h3 className="text-xl">
        {rule.cluster.name}: <span className="font-sans text-lg">{rule.words}</span>
      </h3>
      <p className="text-ash">{rule.cluster.note}</p>
      <ul className="mt-3 space-y-2 border-l-2 pl-4" style={{ borderColor: colour }}>
        {rule.tree.parts.map((part, i) => (
          <Part key={i} part={part} colour={colour} />
        ))}
      </ul>
      <table className="mt-4 w-full text-sm">
        <caption className="pb-1 text-left text-ash">Figures for this rule</caption>
        <tbody>
          {rowsOf(rule.cluster.id).map((row) => {
            const lr = likelihoodRatios(row)
            return (
              <tr key={row.id} className="border-t border-hair align-top">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {row.from.cite}
                </th>
                <td className="figures whitespace-nowrap py-1 pr-3">{lr ? ratioWords(lr, rule.cluster.rulesOut ?? false) : 'no ratio'}</td>
                <td className="py-1 text-ash">{row.use.because}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </section>
  )
}

/** A rule of quiet tests uses the negative ratio when it is met, and says nothing when it is broken. */
function ratioWords(lr: LikelihoodRatios, rulesOut: boolean): string {
  return rulesOut ? `met ${times2(lr.negative)}, broken says nothing` : `met ${times2(lr.positive)}, not ${times2(lr.negative)}`
}

function Part({ part, colour }: { readonly part: Evaluated; readonly colour: string }) {
  const { assessment } = useExam()
  if (part.kind !== 'positive') return <li>{explain(part)}</li>
  const finding = findingFor(assessment.findings, part.rule.test, part.side)
  return (
    <li className="flex gap-3">
      <span className="mt-1">
        <RulePip truth={part.truth} colour={colour} size={18} />
      </span>
      <span>
        <strong>{testById(part.rule.test)?.name ?? part.rule.test}</strong>: {explain(part)}.{finding && <span className="block text-ash">{finding.why}</span>}
      </span>
    </li>
  )
}
