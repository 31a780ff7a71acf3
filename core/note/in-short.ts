import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { testTitle } from '../catalogue/exam-test'
import { adviceOf } from '../planner/advice'
import { routeOf } from '../planner/route'
import type { Reason } from '../record/reason'
import { URGENCY_WORDS } from '../safety/gate'
import { haltsOf, unasked } from '../safety/safety'
import { estimateOf, standingOf } from '../standing'
import { counted, inSentence, listWords } from '../vocabulary/sentence'
import { SIDES } from '../vocabulary/side'
import { sourceOf } from '../vocabulary/source'
import { about } from './percent'
import { gateReasons, runsBehindSource, sourceReason } from './reasons'
import { type Section, type Statement, say, section } from './section'

/** What whoever reads on has to know first: how urgent it is, what stands out and how sure that is, and what comes next. Findings that point, never a diagnosis. */
export function inShortSection(assessment: Assessment): Section {
  const halts = haltsOf(assessment.exam).map((closed) => {
    const { gate } = closed
    return say(`${gate.strength === 'halt' ? URGENCY_WORDS[gate.urgency] : 'Halted'}: ${gate.reason} ${gate.do}`, ...gateReasons(closed, assessment.exam))
  })
  return section('short', [...halts, conclusion(assessment), ...(halts.length > 0 ? [] : [whatNext(assessment)]), ...besideConclusion(assessment)])
}

/** What stands out, without what this practitioner does next: for whoever is written to. */
export function concluded(assessment: Assessment): readonly Statement[] {
  return [conclusion(assessment), ...besideConclusion(assessment)]
}

function besideConclusion(assessment: Assessment): readonly Statement[] {
  return [...armConclusions(assessment), ...stabilisation(assessment)]
}

function conclusion(assessment: Assessment): Statement {
  const { sources, findings, exam } = assessment
  const standing = standingOf(sources)
  switch (standing.kind) {
    case 'refer': {
      const names = [...new Set(standing.sources.map((s) => sourceOf(s.source).inWords))]
      return say(
        `Refer first: findings that suggest ${listWords(names)}.`,
        ...standing.sources.flatMap((s) => [sourceReason(s), ...runsBehindSource(s, assessment)]),
      )
    }
    case 'leads': {
      const { source, side, weighed } = standing.source
      const from = weighed ? `, from ${about(weighed.prior.p)} before testing` : ''
      return say(
        `The findings point most to ${sourceOf(source).inWords}, ${side}: ${about(estimateOf(standing.source) ?? 0)}${from}.`,
        sourceReason(standing.source),
        ...runsBehindSource(standing.source, assessment),
      )
    }
    case 'disagrees': {
      const { source, contradiction } = standing
      const voices = contradiction.voices.map((v) => `${v.who} by itself ${about(v.p)}`)
      return say(
        `The evidence about ${sourceOf(source.source).inWords}, ${source.side}, disagrees: ${listWords(voices)}. No source stands out.`,
        sourceReason(source),
        ...runsBehindSource(source, assessment),
      )
    }
    case 'none':
      return findings.length === 0 ? say('Nothing was tested.') : say(`Open: no source stands out.${missing(assessment)}`, ...exam.runs.map(runOf))
  }
}

const CHOICE: Reason = { kind: 'choice', id: 'choice' }
const runOf = ({ id }: { readonly id: string }): Reason => ({ kind: 'run', id })

/** Planned tests told by name in one sentence; more are counted. */
const NAMED = 3

/** What is missing: the planned tests that would still tell something. */
function missing(assessment: Assessment): string {
  const open = routeOf(assessment)
    .flatMap((leg) => leg.steps)
    .filter((step) => step.state === 'open' || step.state === 'under-way')
    .map((step) => inSentence(testTitle(step.test, step.side)))
  if (open.length === 0) return ' Every planned test is settled.'
  const more = open.length > NAMED ? [`and ${counted(open.length - NAMED, 'more test')}`] : []
  return ` Not done of what is planned: ${[...open.slice(0, NAMED), ...more].join('; ')}.`
}

/** What comes next, and how soon somebody else has to see the person: nothing asked for it is not the same as nothing was asked. */
function whatNext(assessment: Assessment): Statement {
  const { exam, findings } = assessment
  const open = unasked(exam)
  const asked =
    open === 0 ? 'nothing asked or found calls for a referral' : `nothing found so far calls for a referral; ${counted(open, 'safety question')} not asked`
  const refer = standingOf(assessment.sources).kind === 'refer'
  const from: readonly Reason[] = [CHOICE, ...exam.runs.map(runOf)]
  const soon = refer ? 'Urgency: medical review.' : `Urgency: routine, ${asked}.`
  if (findings.length === 0) return say(soon, ...Object.keys(exam.screen).map((id): Reason => ({ kind: 'question', id })))
  return say(refer ? `Next: refer before anything is treated. ${soon}` : `Next: ${next(assessment)} ${soon}`, ...from)
}

function next(assessment: Assessment): string {
  const { step, why, stop } = adviceOf(assessment, routeOf(assessment))
  if (stop !== null) return inSentence(stop)
  return step ? `${inSentence(why.replace(/\.$/, ''))}.` : inSentence(why)
}

/** Whether the neck has a part in what the arm nerve tests brought on, side by side; one that the neck changed outweighs others it did not. */
function armConclusions({ findings }: Assessment): readonly Statement[] {
  return SIDES.flatMap((side) => {
    const said = findings.flatMap((f) => {
      const reading = testById(f.test)?.reading
      const words = reading?.kind === 'staged-tension' ? reading.conclusion : undefined
      const told = f.side === side && words ? f.checks.filter((c) => c === words.changed || c === words.same) : []
      return told.map((text) => ({ text, run: f.run }))
    })
    const first = said.find(({ text }) => text.startsWith('Cervical')) ?? said[0]
    return first ? [say(`ULNT, ${side}: ${inSentence(first.text)}`, { kind: 'run', id: first.run })] : []
  })
}

/** Speaks of how exercise may go, not of a source; and says that a later trial did not confirm it. */
function stabilisation({ rules }: Assessment): readonly Statement[] {
  const met = rules.find((r) => r.cluster.basis === 'prognosis' && r.state === 'met')
  return met
    ? [
        say(`Likely to do well with a stabilising programme: ${met.cluster.name}: ${met.words} (${inSentence(met.cluster.badge ?? 'not confirmed')}).`, {
          kind: 'rule',
          id: `${met.cluster.id} ${met.side}`,
        }),
      ]
    : []
}
