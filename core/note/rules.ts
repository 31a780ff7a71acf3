import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { itemWords } from '../clusters/item-words'
import type { Item } from '../clusters/item'
import { ruleTitle } from '../clusters/title'
import type { RuleVerdict } from '../clusters/verdict'
import { allLeaves } from '../logic/open-leaves'
import { inSentence } from '../vocabulary/sentence'
import { each, ruleReasons } from './reasons'
import { type Section, say, section } from './section'

/** Where each rule stands of which something is known, with what counted for it, against it, and what is open. */
export function rulesSection(assessment: Assessment): readonly Section[] {
  const told = assessment.rules.filter(isTold)
  if (told.length === 0) return []
  const lines = told.map((rule) => ({ rule, words: ruleWords(rule) }))
  // The same on both sides is told once.
  const first = lines.filter((line, i) => lines.findIndex((other) => isSame(other, line)) === i)
  return [
    section(
      'rules',
      first.map(({ rule, words }) => {
        const sides = lines.filter((other) => isSame(other, { rule, words })).map((other) => other.rule)
        const where = sides.length > 1 ? 'left and right' : rule.side
        return say(`${ruleTitle(rule.cluster)}, ${where}: ${words}`, ...each(sides.flatMap((one) => ruleReasons(one, assessment))))
      }),
    ),
  ]
}

/** A rule is told once something of it is known; a grading once a grade is reached. */
function isTold(rule: RuleVerdict): boolean {
  return rule.cluster.basis === 'model' ? rule.grade !== null : rule.positives > 0 || rule.state !== 'open'
}

interface Line {
  readonly rule: RuleVerdict
  readonly words: string
}

function isSame(a: Line, b: Line): boolean {
  return a.rule.cluster.id === b.rule.cluster.id && a.words === b.words
}

function ruleWords(rule: RuleVerdict): string {
  const leaves = allLeaves(rule.tree)
  const named = (truth: 'true' | 'false' | 'open') => [...new Set(leaves.filter((l) => l.truth === truth).map((l) => leafName(l.leaf)))]
  const parts = [
    ...part('positive', named('true')),
    ...part('negative', named('false')),
    ...(rule.state === 'open' ? part('open', named('open')) : part('not done', named('open'))),
  ]
  const badge = rule.cluster.badge ? ` (${inSentence(rule.cluster.badge)})` : ''
  return `${rule.words}${parts.length === 0 ? '' : `; ${parts.join('; ')}`}${badge}.`
}

function part(words: string, names: readonly string[]): readonly string[] {
  return names.length === 0 ? [] : [`${words}: ${names.join(', ')}`]
}

function leafName(item: Item): string {
  return item.kind === 'positive' ? (testById(item.test)?.short ?? item.test) : inSentence(itemWords(item))
}
