'use client'

import { format } from 'date-fns'
import { type SignHistory, type Span, SPANS } from '@/core/change/changes'
import type { SignChange } from '@/core/change/pair'
import { runWords } from '@/core/change/run-words'
import type { ComparableSign } from '@/core/change/signs'
import type { SignRun } from '@/core/change/sign-run'
import type { SignMark } from '@/core/record/visit-events'
import { Button } from '@/ui/button'
import { PairedMarks, VerdictMark } from '@/ui/charts/paired-marks'
import { useExam } from '@/ui/exam/store'
import { ReasonForm } from '../bench/reason-form'

interface Props {
  readonly sign: SignHistory
  readonly proposal: ComparableSign | null
  readonly id: string
  readonly chosen: boolean
  readonly onChoose: () => void
  readonly onMark: (as: SignMark) => void
  readonly onAgain: () => void
}

const SINCE: Readonly<Record<Span, string>> = { treatment: 'After treatment', lastVisit: 'Since the last visit', baseline: 'Since the baseline' }
const VERDICTS = { better: 'Better', same: 'Same', worse: 'Worse', 'not-comparable': 'Not comparable' } as const

/** One sign: what it was, what it is, and what became of it over each span there is. */
export function SignRow({ sign, proposal, id, chosen, onChoose, onMark, onAgain }: Props) {
  const { exam } = useExam()
  const spans = SPANS.flatMap((span) => {
    const change = sign.since[span]
    return change ? [{ span, change }] : []
  })
  const [first, ...others] = spans
  const pinned = proposal?.as === 'pinned'
  return (
    <li
      id={id}
      tabIndex={-1}
      onFocus={onChoose}
      aria-current={chosen ? 'true' : undefined}
      className={`quiet-focus px-3 py-3 ${chosen ? 'bg-glow print:bg-transparent' : ''} print:break-inside-avoid`}
    >
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <h2 className="mr-auto flex flex-wrap items-baseline gap-x-3 text-lg leading-tight">
          {sign.title}
          {first && <VerdictWords verdict={first.change.verdict} />}
        </h2>
        {!exam.signed && (
          <div className="no-print flex gap-2">
            <Button onClick={() => onMark(pinned ? 'proposed' : 'pinned')} aria-pressed={pinned} aria-label={`${pinned ? 'Pinned' : 'Pin'}: ${sign.title}`}>
              {pinned ? 'Pinned' : 'Pin'}
            </Button>
            <Button onClick={() => onMark('dropped')} aria-label={`Drop: ${sign.title}`}>
              Drop
            </Button>
            <Button onClick={onAgain} look={sign.done ? 'plain' : 'main'} aria-label={`Measure again: ${sign.title}`}>
              Measure again
            </Button>
          </div>
        )}
      </div>
      <p className="text-ash">
        {sign.listed ? proposal?.why : 'Measured again, though not on the list of comparable signs.'}{' '}
        {sign.listed && !sign.done && <strong className="text-ink">Waits to be measured.</strong>}
      </p>
      {spans.length === 0 && sign.baseline && (
        <p className="mt-1">
          Baseline: {runWords(sign.baseline)} <span className="text-ash">({whenWords(sign.baseline)})</span>
        </p>
      )}
      {first && <Compared {...first} />}
      {others.map(({ span, change }) => (
        <p key={span} className="mt-1">
          <VerdictWords verdict={change.verdict} />{' '}
          <span className="text-ash">
            {SINCE[span].toLowerCase()} ({whenWords(change.before)}):
          </span>{' '}
          {change.why === '' ? change.measures.map((m) => m.words).join('; ') : change.why}
        </p>
      ))}
      {!exam.signed && sign.runs.filter((r) => r.complete).length > 1 && <PinBaseline sign={sign} />}
    </li>
  )
}

function Compared({ span, change }: { readonly span: Span; readonly change: SignChange }) {
  const drawn = change.measures.filter((m) => m.figures)
  return (
    <div className="mt-2 grid gap-x-6 gap-y-1 md:grid-cols-[minmax(0,1fr)_300px]">
      <div>
        <p className="text-ash">
          {SINCE[span]} ({whenWords(change.before)})
        </p>
        {change.why !== '' && <p>{`${change.why.charAt(0).toUpperCase()}${change.why.slice(1)}.`}</p>}
        <ul className="mt-0.5 space-y-0.5">
          {change.measures.map((m) => (
            <li key={`${m.measure} ${m.words}`}>
              {m.words}
              {m.measure === 'angle' && m.error && <span className="text-ash"> · error: {m.error.words}</span>}
            </li>
          ))}
        </ul>
      </div>
      <div className="space-y-1">
        {drawn.map((m) => (
          <PairedMarks key={`${m.measure} ${m.words}`} measure={m} />
        ))}
      </div>
    </div>
  )
}

function VerdictWords({ verdict }: Pick<SignChange, 'verdict'>) {
  return (
    <span className="inline-flex items-baseline gap-1.5 font-sans text-base">
      <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
        <VerdictMark verdict={verdict} x={8} y={8} size={6} />
      </svg>
      <strong className={verdict === 'worse' ? 'text-halt' : ''}>{VERDICTS[verdict]}</strong>
    </span>
  )
}

/** When something was measured: the visit, its day, and the half of it. */
function whenWords({ when }: SignRun): string {
  return `visit ${when.visit}, ${format(when.at, 'd MMM yyyy')}${when.moment > 0 ? `, after treatment ${when.moment}` : ''}`
}

/** Another performance than the first may be the baseline, with a reason that stays on the record. */
function PinBaseline({ sign }: { readonly sign: SignHistory }) {
  const { record } = useExam()
  const options = sign.runs.filter((r) => r.complete).map((r) => ({ id: r.run.id, words: `${whenWords(r)}: ${runWords(r)}` }))
  const [first] = options
  if (!first) return null
  return (
    <div className="no-print mt-1 text-sm">
      <ReasonForm
        open="Another baseline"
        choice="Baseline"
        reason="Why this one"
        placeholder="Why this one is compared with"
        options={options}
        first={sign.baseline?.run.id ?? first.id}
        onKeep={(run, why) => record([{ type: 'baseline-pinned', run, why }])}
      />
    </div>
  )
}
