'use client'

import { Check, TriangleAlert, X } from 'lucide-react'
import { useMemo, useState } from 'react'
import { testTitle } from '@/core/catalogue/exam-test'
import { entryWords } from '@/core/note/entry-words'
import { adviceOf } from '@/core/planner/advice'
import { routeOf } from '@/core/planner/route'
import { assess } from '@/core/assess'
import { examFrom } from '@/core/record/exam'
import { bestWords, planWords } from '@/core/trainer/judge/economy'
import { overall } from '@/core/trainer/judge/judge'
import { follow } from '@/core/trainer/judge/followed'
import { type Moment, SKILL_WORDS, SKILLS, type Skill } from '@/core/trainer/judge/moment'
import { shadowOf } from '@/core/trainer/judge/shadow'
import { trapOf } from '@/core/trainer/trap'
import { useExam } from '@/ui/exam/store'
import { usePractice, type Practice } from '@/ui/practice/context'
import { ScreenTitle } from '@/ui/screen-title'
import { TableHead } from '@/ui/table-head'

/** What the person truly had, and every moment of the case with what it meant. */
export function ReplayScreen() {
  const practice = usePractice()
  if (!practice?.judged) {
    return (
      <main className="p-6">
        <ScreenTitle className="text-2xl">Replay</ScreenTitle>
        <p className="mt-2 text-ash">There is a replay once the case is committed.</p>
      </main>
    )
  }
  return <Replay practice={practice} judged={practice.judged} />
}

function Replay({ practice, judged: { judgement } }: { readonly practice: Practice; readonly judged: NonNullable<Practice['judged']> }) {
  const { entries } = useExam()
  const { moments, scores, truth, passed, brier } = judgement
  const [at, setAt] = useState(() =>
    Math.max(
      0,
      moments.findIndex((m) => m.verdict !== 'right'),
    ),
  )
  const moment = moments[at]
  const wrong = moments.filter((m) => m.verdict !== 'right').length
  return (
    <main className="grid min-h-0 flex-1 grid-cols-1 gap-6 overflow-y-auto px-4 py-5 sm:px-6 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <section aria-label="What was true" className="lg:min-h-0 lg:overflow-y-auto">
        <ScreenTitle className="text-2xl">{passed ? `${overall(judgement)} of 100` : 'Not passed: an unsafe step'}</ScreenTitle>
        <p className="mt-1 text-lg">
          What truly hurt: <strong>{truth}</strong>.
        </p>
        {practice.patient.traps.map((id) => (
          <p key={id} className="mt-1">
            <strong>{trapOf(id).name}.</strong> {trapOf(id).tempts} {trapOf(id).parts}
          </p>
        ))}
        {practice.teaches !== '' && <p className="mt-1 font-serif italic">{practice.teaches}</p>}
        <div className="mt-4 rounded-card border border-hair bg-sheet p-4">
          <label className="block">
            <span className="text-ash">
              Moment {at + 1} of {moments.length}; {wrong === 0 ? 'none was wrong' : `${wrong} wrong`}
            </span>
            <input
              type="range"
              min={0}
              max={Math.max(0, moments.length - 1)}
              value={at}
              onChange={(e) => setAt(Number(e.target.value))}
              aria-valuetext={moment ? `${VERDICT[moment.verdict].words}: ${moment.what}` : ''}
              className="mt-1 h-11 w-full rounded-md border border-ash px-2 accent-ink"
            />
          </label>
          {moment && <OneMoment moment={moment} practice={practice} />}
        </div>
        <ol aria-label="Every moment" className="mt-4 divide-y divide-hair rounded-card border border-hair bg-sheet">
          {moments.map((m, i) => (
            <li key={`${m.at} ${i}`}>
              <button
                type="button"
                aria-current={i === at ? 'step' : undefined}
                onClick={() => setAt(i)}
                className="flex min-h-11 w-full items-start gap-2 px-3 py-1.5 text-left aria-[current=step]:bg-glow"
              >
                <Mark verdict={m.verdict} /> <span className="grow">{m.what}</span>{' '}
                <span className="hidden text-sm text-ash sm:inline">{SKILL_WORDS[m.skill]}</span>
              </button>
            </li>
          ))}
        </ol>
      </section>
      <aside aria-label="Scores" className="space-y-5">
        <table className="w-full border-collapse text-left">
          <TableHead heads={['skill', 'score', 'may lie at', 'from']} />
          <tbody>
            {SKILLS.map((skill) => (
              <ScoreRow key={skill} skill={skill} score={scores[skill]} />
            ))}
          </tbody>
        </table>
        <p className="text-sm text-ash">
          Each share with its 95 % interval from the moments of this case alone: few moments say little. Certainty is the Brier score of this one case (
          {brier.toFixed(2)}; 0 is best, 0.25 a coin); it means something over many cases.
        </p>
        <Economy practice={practice} />
        <details>
          <summary className="min-h-11 cursor-pointer">The whole record</summary>
          <ol className="mt-1 list-decimal space-y-0.5 pl-6 text-sm">
            {entries().map((event) => (
              <li key={event.id}>{entryWords(event, entries())}</li>
            ))}
          </ol>
        </details>
      </aside>
    </main>
  )
}

const VERDICT = {
  right: { words: 'right', icon: Check, tone: '' },
  wrong: { words: 'wrong', icon: X, tone: 'text-lantern-text' },
  unsafe: { words: 'unsafe', icon: TriangleAlert, tone: 'text-halt' },
} as const

function Mark({ verdict }: Pick<Moment, 'verdict'>) {
  const { words, icon: Icon, tone } = VERDICT[verdict]
  return (
    <span className={`inline-flex min-w-24 items-center gap-1 font-semibold ${tone}`}>
      <Icon size={18} aria-hidden="true" /> {words}
    </span>
  )
}

function OneMoment({ moment, practice }: { readonly moment: Moment; readonly practice: Practice }) {
  const next = useNext(moment, practice)
  return (
    <div aria-live="polite" className="mt-2 space-y-1.5">
      <p className="text-lg">
        <Mark verdict={moment.verdict} /> {moment.what}
      </p>
      <p>{moment.why}</p>
      {moment.instead !== null && (
        <p>
          <strong>Instead:</strong> {moment.instead}
        </p>
      )}
      {next !== null && (
        <p className="border-t border-hair pt-1.5 text-ash">
          <strong className="text-ink">A careful expert now:</strong> {next}
        </p>
      )}
    </div>
  )
}

/** What the planner would do after this moment, had everything been read truly. */
function useNext({ event }: Moment, { patient, steps, commitment }: Practice): string | null {
  const { entries } = useExam()
  return useMemo(() => {
    if (event === null || !commitment) return null
    const events = entries()
    const shadow = shadowOf(patient, events, follow(patient, { events, steps }))
    const upTo = shadow.findIndex((e) => e.id === event)
    const exam = upTo === -1 ? null : examFrom(shadow.slice(0, upTo + 1))
    if (!exam) return null
    const assessment = assess(exam)
    const { step, why, stop } = adviceOf(assessment, routeOf(assessment))
    if (stop !== null) return stop
    return step ? `${testTitle(step.test, step.side)}. ${why}` : why
  }, [event, patient, steps, commitment, entries])
}

function ScoreRow({
  skill,
  score,
}: {
  readonly skill: Skill
  readonly score: { readonly score: number | null; readonly of: number; readonly interval: readonly [number, number] | null }
}) {
  return (
    <tr className="border-t border-hair">
      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
        {SKILL_WORDS[skill]}
      </th>
      <td className="figures-in-text pr-3 font-semibold">{score.score ?? '–'}</td>
      <td className="figures-in-text pr-3">{score.interval ? `${score.interval[0]} to ${score.interval[1]}` : ''}</td>
      <td className="figures-in-text">{score.of}</td>
    </tr>
  )
}

function Economy({ practice: { judged } }: { readonly practice: Practice }) {
  if (!judged) return null
  return (
    <section aria-label="The plan and the best order">
      <h2 className="text-lg">The plan and the best order</h2>
      <p>{planWords(judged.par)}</p>
      <p>{bestWords(judged.par)}</p>
    </section>
  )
}
