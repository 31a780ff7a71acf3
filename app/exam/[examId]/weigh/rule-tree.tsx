'use client'

import type { Basis } from '@/core/clusters/cluster'
import { findingBehind } from '@/core/clusters/ask'
import { plans } from '@/core/clusters/school-rules'
import type { Item } from '@/core/clusters/item'
import { itemWords, leafWords } from '@/core/clusters/item-words'
import { ruleTitle } from '@/core/clusters/title'
import type { RuleTree as RuleTreeNode, RuleVerdict } from '@/core/clusters/verdict'
import { cheapestSettling } from '@/core/planner/settle'
import { explain } from '@/core/logic/explain'
import { partsOf } from '@/core/logic/open-leaves'
import { counted, inSentence } from '@/core/vocabulary/sentence'
import type { Side } from '@/core/vocabulary/side'
import type { Truth } from '@/core/vocabulary/truth'
import { rowsOf } from '@/core/evidence/register'
import { lrWords } from '@/core/evidence/lr-words'
import { type LikelihoodRatios, likelihoodRatios } from '@/core/evidence/likelihood-ratio'
import { RulePip } from '@/ui/board/rule-pips'
import { useExam } from '@/ui/exam/store'

/** What kind of rule it is, said before its note; nothing for a rule of a study. */
const STANDING: Record<Basis, string> = {
  published: '',
  model: 'A graded list, by the model. ',
  pattern: 'A pattern, never a percentage. ',
  prognosis: 'Speaks of treatment, not of the source. ',
  own: '',
}

/** A rule with the truth of every part, the reason beside it, and its estimates with their doubt. */
export function RuleTree({ rule, colour }: { readonly rule: RuleVerdict; readonly colour: string }) {
  const { exam, assessment } = useExam()
  const settling = plans(rule.cluster, exam) ? cheapestSettling(rule, exam) : null
  const rows = rowsOf(rule.cluster.figure ?? rule.cluster.id, assessment.weights.knowledge.register)
  return (
    <section aria-label={rule.cluster.name} className="print:break-inside-avoid">
      <h3 className="text-xl">
        {ruleTitle(rule.cluster)}: <span className="font-sans text-lg">{rule.words}</span>
      </h3>
      <p className="text-ash">
        {STANDING[rule.cluster.basis]}
        {rule.cluster.badge && <strong className="text-ink">{rule.cluster.badge}. </strong>}
        {rule.cluster.note}
      </p>
      {settling && <p className="mt-1">Open: {settling.words}.</p>}
      <ul className="mt-3 space-y-2 border-l-2 pl-4" style={{ borderColor: colour }}>
        {partsOf(rule.tree).map((part, i) => (
          <Part
            key={i}
            part={part}
            colour={colour}
            side={rule.side}
            {...(rule.tree.kind === 'weighted' && rule.tree.parts[i] && { worth: rule.tree.parts[i].worth })}
          />
        ))}
      </ul>
      {rows.length > 0 && (
        <table className="mt-4 w-full text-sm">
          <caption className="pb-1 text-left text-ash">Accuracy of this rule</caption>
          <tbody>
            {rows.map((row) => {
              const lr = likelihoodRatios(row)
              return (
                <tr key={row.id} className="border-t border-hair align-top">
                  <th scope="row" className="py-1 pr-3 text-left font-normal">
                    {row.from.cite}
                  </th>
                  <td className="figures min-w-28 py-1 pr-3">{lr ? ratioWords(lr, rule.cluster.rulesOut ?? false) : 'LR not known'}</td>
                  <td className="py-1 text-ash">
                    {row.own && <strong className="text-lantern-text">Entered by this clinic. </strong>}
                    {row.use.because}
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      )}
    </section>
  )
}

/** A rule of negative tests uses the negative ratio when it is met, and says nothing when it is broken. */
function ratioWords(lr: LikelihoodRatios, rulesOut: boolean): string {
  const says = (ratio: number | null, result: 'positive' | 'negative') => (ratio === null ? 'says nothing' : lrWords(ratio, result))
  return rulesOut
    ? `met: ${says(lr.negative, 'negative')}; not met says nothing`
    : `met: ${says(lr.positive, 'positive')}; not met: ${says(lr.negative, 'negative')}`
}

interface PartProps {
  readonly part: RuleTreeNode
  readonly worth?: number
  readonly colour: string
  readonly side: Side
}

function Part({ part, worth, colour, side }: PartProps) {
  const points = worth === undefined ? '' : ` (${counted(worth, 'point')})`
  if (part.kind === 'leaf') return <LeafLine part={part} points={points} colour={colour} side={side} />
  if (part.kind === 'not' && part.part.kind === 'leaf') return <LeafLine part={part.part} shown={part.truth} points={points} colour={colour} side={side} />
  const inner = part.kind === 'not' ? [part.part] : partsOf(part)
  return (
    <li>
      <span className="flex gap-3">
        <span className="mt-1">
          <RulePip truth={part.truth} colour={colour} size={18} />
        </span>
        <span>
          {groupWords(part)}
          {points}
        </span>
      </span>
      <ul className="mt-1 space-y-2 border-l-2 border-hair pl-4">
        {inner.map((child, i) => (
          <Part key={i} part={child} colour={colour} side={side} {...(part.kind === 'weighted' && part.parts[i] && { worth: part.parts[i].worth })} />
        ))}
      </ul>
    </li>
  )
}

function groupWords(part: Exclude<RuleTreeNode, { kind: 'leaf' }>): string {
  switch (part.kind) {
    case 'not':
      return `Not this: ${part.truth === 'open' ? 'open' : part.truth === 'true' ? 'holds' : 'fails'}`
    case 'at-least':
      return `${part.k === part.parts.length ? 'All' : part.k === 1 ? 'Any' : `At least ${part.k}`} of these: ${explain(part, leafWords)}`
    case 'weighted':
      return `At least ${part.points} points: ${explain(part, leafWords)}`
  }
}

/** A condition that counts when it does not hold. */
function oppositeWords(item: Item): string {
  return item.kind === 'positive' ? `${itemWords(item)} must be negative` : `Not: ${inSentence(itemWords(item))}`
}

interface LeafProps {
  readonly part: Extract<RuleTreeNode, { kind: 'leaf' }>
  /** The truth of its opposite, where the rule asks for that. */
  readonly shown?: Truth
  readonly points: string
  readonly colour: string
  readonly side: Side
}

function LeafLine({ part, shown, points, colour, side }: LeafProps) {
  const { assessment } = useExam()
  const { leaf: item } = part
  const finding = findingBehind(item, side, assessment.findings)
  return (
    <li className="flex gap-3">
      <span className="mt-1">
        <RulePip truth={shown ?? part.truth} colour={colour} size={18} />
      </span>
      <span>
        <strong>{shown === undefined ? itemWords(item) : oppositeWords(item)}</strong>
        {points}: {leafWords(part)}.{finding && part.truth !== 'open' && <span className="block text-ash">{finding.why}</span>}
      </span>
    </li>
  )
}
