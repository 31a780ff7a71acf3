'use client'

import type { ReactNode } from 'react'
import { percent } from '@/core/note/percent'
import { STATEMENT, UNCHECKED } from '@/core/note/statement'
import type { Frozen, FrozenEstimate, FrozenFinding, FrozenRule } from '@/core/record/frozen'
import { capital } from '@/core/vocabulary/sentence'
import { TableHead } from '@/ui/table-head'

interface Props {
  readonly frozen: Frozen
  readonly who: string
  readonly children: ReactNode
}

/** Estimates, rules and findings of a signed examination, as they stood when it was signed. Nothing here is computed. */
export function SignedWeigh({ frozen, who, children }: Props) {
  const estimates = frozen.estimates.toSorted((a, b) => Number(b.moved) - Number(a.moved) || headline(b) - headline(a))
  const rules = frozen.rules.filter((rule) => rule.positives > 0 || rule.state !== 'open')
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-8 py-5 print:overflow-visible print:px-0">
      <div className="max-w-5xl">
        <h1 className="text-3xl">Weigh</h1>
        <p className="mb-3 text-ash">{who}</p>
        {children}
        <Part title="Estimates" empty="No figure moved a source." head={['Source', 'From', 'Estimate', '90 % interval', 'Model', 'Product']}>
          {estimates.map((e) => (
            <tr key={`${e.id} ${e.side}`} className="border-t border-hair">
              <th scope="row" className="py-2 pr-4 text-left font-semibold">
                {e.name}, {e.side}
              </th>
              {[percent(e.prior), ...(e.moved ? figuresOf(e) : UNMOVED)].map((cell, i) => (
                <td key={i} className="figures py-2 pr-4">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </Part>
        <Part title="Rules of which something was known" empty="No rule was begun." head={['Rule', 'Side', 'Where it stood']}>
          {rules.map((rule: FrozenRule) => (
            <tr key={`${rule.id} ${rule.side}`} className="border-t border-hair">
              <th scope="row" className="py-2 pr-4 text-left font-semibold">
                {rule.name}
              </th>
              <td className="py-2 pr-4">{rule.side}</td>
              <td className="py-2 pr-4">{rule.words}</td>
            </tr>
          ))}
        </Part>
        <Part title="Findings" empty="Nothing was found." head={['Test', 'Result', 'Why']}>
          {frozen.findings.map((f: FrozenFinding, i) => (
            <tr key={i} className="border-t border-hair align-top">
              <th scope="row" className="py-2 pr-4 text-left font-semibold">
                {f.name}, {f.side}
                {f.about === f.side ? '' : `, for the ${f.about}`}
              </th>
              <td className="py-2 pr-4">{capital(f.result.replace('-', ' '))}</td>
              <td className="py-2 pr-4">{f.why}</td>
            </tr>
          ))}
        </Part>
        <p className="mt-8 max-w-3xl text-sm text-ash">
          {UNCHECKED} {STATEMENT}
        </p>
      </div>
    </main>
  )
}

/** Where nothing moved the odds they are only the start: what was not tested is not known. */
const UNMOVED = ['nothing moved it', '', '', '']

function figuresOf(e: FrozenEstimate): readonly string[] {
  const interval = e.interval ? `${percent(e.interval[0])} to ${percent(e.interval[1])}` : 'not known'
  return [percent(headline(e)), interval, percent(e.model), percent(e.product)]
}

/** What was signed before the estimate was kept led by its rule, or by the model. */
function headline({ headline: by, rule, model, estimate }: FrozenEstimate): number {
  if (estimate !== undefined) return estimate
  return by === 'rule' && rule ? rule.postTest : model
}

interface PartProps {
  readonly title: string
  readonly empty: string
  readonly head: readonly string[]
  readonly children: readonly ReactNode[]
}

function Part({ title, empty, head, children }: PartProps) {
  return (
    <section className="mt-6">
      <h2 className="text-xl">{title}</h2>
      {children.length === 0 ? (
        <p className="text-ash">{empty}</p>
      ) : (
        <table className="mt-2 w-full text-left">
          <TableHead heads={head} />
          <tbody>{children}</tbody>
        </table>
      )}
    </section>
  )
}
