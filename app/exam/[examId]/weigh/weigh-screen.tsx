'use client'

import { type ReactNode, useState } from 'react'
import type { SourceVerdict } from '@/core/assess'
import { rulesWorthShowing } from '@/core/note/ranking'
import { estimateOf, familiesShown, rankedSources, sourceKey, standingOf } from '@/core/standing'
import { FoldTitle } from '@/ui/fold-title'
import { figureShown, tornRange, withoutFigure } from '@/ui/board/figure-shown'
import { about, percent } from '@/core/note/percent'
import { STATEMENT, UNCHECKED } from '@/core/note/statement'
import { capital } from '@/core/vocabulary/sentence'
import { FAMILY_WORDS, sourceTitle } from '@/core/vocabulary/source'
import { FAMILY_COLOUR, Strip } from '@/ui/board/strip'
import { OddsLadder } from '@/ui/charts/odds-ladder'
import { useIntervals } from '@/ui/board/use-intervals'
import { useSensitivity } from '@/ui/board/use-sensitivity'
import { ReadAgain } from '@/ui/exam/read-again'
import { InTheNote } from '@/ui/exam/from-note'
import { useExam } from '@/ui/exam/store'
import { ScreenTitle } from '@/ui/screen-title'
import { DependsOn } from './depends-on'
import { InTwoSentences } from './in-two-sentences'
import { LevelGrid } from './level-grid'
import { NextTests } from './next-tests'
import { Pointers } from './pointers'
import { RuleTree } from './rule-tree'
import { SignedWeigh } from './signed-weigh'
import { FourEstimates } from './four-estimates'

/** Why the leading source leads, and what stands against it. */
export function WeighScreen({ who = '' }: { readonly who?: string }) {
  const { exam } = useExam()
  const [again, setAgain] = useState(false)
  const { signed } = exam
  if (!signed?.frozen) return <LiveWeigh who={who} />
  const choice = <ReadAgain signed={signed} again={again} onChange={setAgain} />
  return again ? (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="px-6 pt-4">{choice}</div>
      <LiveWeigh who={who} />
    </div>
  ) : (
    <SignedWeigh frozen={signed.frozen} who={who}>
      {choice}
    </SignedWeigh>
  )
}

function LiveWeigh({ who }: { readonly who: string }) {
  const { assessment } = useExam()
  const [chosen, setChosen] = useState(asked)
  const ranked = rankedSources(assessment.sources)
  const standing = standingOf(assessment.sources)
  // Opened at what the day is about: the source whose evidence disagrees before the one with the highest figure.
  const current = assessment.sources.find((s) => sourceKey(s) === chosen) ?? (standing.kind === 'disagrees' ? standing.source : ranked[0])
  return (
    <main className="grid min-h-0 flex-1 grid-cols-1 overflow-y-auto lg:grid-cols-[19rem_minmax(0,1fr)] lg:overflow-hidden print:block print:overflow-visible">
      <nav
        aria-label="Sources"
        className="order-last border-hair px-5 py-5 lg:order-none lg:overflow-y-auto lg:border-r print:border-r-0 print:px-0 print:py-0"
      >
        <ScreenTitle className="text-2xl">Weigh</ScreenTitle>
        <p className="text-sm text-ash">Each is a question of its own; several can be true together.</p>
        {/* On paper it has to say whose it is. */}
        <p className="hidden print:block">{who}</p>
        {familiesShown(assessment.sources).map((family) => {
          const rows = assessment.sources.filter((s) => s.family === family)
          return (
            rows.length > 0 && (
              <section key={family} aria-label={FAMILY_WORDS[family]} className="mt-4">
                <h2 className="font-sans text-sm" style={{ color: FAMILY_COLOUR[family] }}>
                  {FAMILY_WORDS[family]}
                </h2>
                {rows.map((row) => (
                  <button
                    key={sourceKey(row)}
                    type="button"
                    aria-pressed={current === row}
                    onClick={() => setChosen(sourceKey(row))}
                    className="mt-1 flex min-h-11 w-full items-baseline print:mt-0 print:min-h-0 print:w-96 print:py-0.5 gap-2 rounded-md px-3 py-2 text-left aria-pressed:bg-glow aria-pressed:font-semibold"
                  >
                    {sourceTitle(row)}
                    <span className="figures ml-auto whitespace-nowrap">{estimateWords(row)}</span>
                  </button>
                ))}
              </section>
            )
          )
        })}
      </nav>
      {current && <Weighing verdict={current} />}
    </main>
  )
}

/** The source that the address names, as the board’s figures do. */
function asked(): string {
  try {
    return decodeURIComponent(window.location.hash.slice(1))
  } catch {
    // Half an address names nothing.
    return ''
  }
}

function estimateWords(row: SourceVerdict): string {
  const p = estimateOf(row)
  return p === null ? '' : figureShown(row.weighed, p)
}

function Weighing({ verdict }: { readonly verdict: SourceVerdict }) {
  const { assessment, exam, clinic } = useExam()
  const sensitivity = useSensitivity(exam, clinic)
  const title = sourceTitle(verdict)
  const { weighed } = verdict
  const value = estimateOf(verdict)
  const interval = useIntervals(assessment)(verdict)
  const torn = tornRange(weighed) !== null
  const rules = rulesWorthShowing(verdict.rules)
  const levels =
    verdict.family === 'nerve' ? assessment.levels.filter((l) => l.side === verdict.side && l.sources.some((source) => source === verdict.source)) : []
  return (
    <article aria-label={title} tabIndex={0} className="overflow-y-auto px-4 py-5 sm:px-8 print:overflow-visible print:px-0">
      <InTwoSentences holding={sensitivity?.holding} />
      <h2 className="mt-6 text-3xl">{title}</h2>
      {weighed && <InTheNote kind="source" id={`${verdict.source} ${verdict.side}`} />}
      <div className="mt-3 max-w-3xl">
        <Strip
          family={verdict.family}
          value={value}
          interval={tornRange(weighed) ?? (interval && [interval.p05, interval.p95])}
          torn={tornRange(weighed) !== null}
          describes={value === null ? `${title}: ${withoutFigure(verdict)}` : `${title}: ${torn ? figureShown(weighed, value) : about(value)}`}
        />
      </div>
      {weighed ? (
        <>
          <p className="mt-2 max-w-3xl">
            {torn ? 'The evidence disagrees' : capital(about(value ?? 0))}, from {percent(weighed.prior.p)} before testing ({weighed.prior.why}).
            {interval && !torn && ` With the studies’ sizes and the pretest in doubt it lies between ${percent(interval.p05)} and ${percent(interval.p95)}.`}
          </p>
          <DependsOn verdict={verdict} sensitivity={sensitivity} />
          <Fold title="How the estimate was computed">
            <FourEstimates weighed={weighed} interval={interval} />
            <h4 className="mt-5 text-lg">From the pretest to now</h4>
            <OddsLadder weighed={weighed} family={verdict.family} />
          </Fold>
        </>
      ) : (
        <p className="mt-4 text-lg text-ash">
          {verdict.pointers.length > 0
            ? 'No published accuracy fits what was found, so nothing changes an estimate. The pointers below are told, and no more.'
            : 'Not assessed yet: no test done so far says anything about this.'}
        </p>
      )}
      {levels.length > 0 && (
        <Fold title="Which level">
          {levels.map((l) => (
            <LevelGrid key={l.limb} level={l} />
          ))}
        </Fold>
      )}
      {(rules.length > 0 || verdict.pointers.length > 0) && (
        <Fold title="Cluster rules and pointers" open={!weighed}>
          <div className="grid max-w-5xl gap-8 lg:grid-cols-2">
            {rules.map((rule, i) => (
              // On paper the rule that leads; the others are on the screen.
              <div key={rule.cluster.id} className={i === 0 ? 'contents' : 'contents print:hidden'}>
                <RuleTree rule={rule} colour={FAMILY_COLOUR[verdict.family]} />
              </div>
            ))}
            <Pointers verdict={verdict} />
          </div>
        </Fold>
      )}
      {assessment.interplay
        .filter((i) => i.side === verdict.side)
        .map((i) => (
          <p key={i.what} className="mt-5 max-w-3xl rounded-card border border-hair bg-sheet px-4 py-3">
            {i.what}
          </p>
        ))}
      {!exam.signed && (
        <Fold title="Every open test, by its expected gain" onScreenOnly>
          <NextTests />
        </Fold>
      )}
      <p className="mt-8 max-w-3xl text-sm text-ash">
        {UNCHECKED} {STATEMENT}
      </p>
    </article>
  )
}

interface FoldProps {
  readonly title: string
  /** Opened already. */
  readonly open?: boolean
  /** Not on paper, where it would be out of date. */
  readonly onScreenOnly?: boolean
  readonly children: ReactNode
}

/** Arithmetic that is there for whoever asks for it; on paper it is open. */
function Fold({ title, open = false, onScreenOnly = false, children }: FoldProps) {
  return (
    <details open={open} className={`fold mt-4 max-w-5xl border-t border-hair pt-2 ${onScreenOnly ? 'no-print' : ''}`}>
      <FoldTitle className="font-serif text-xl">{title}</FoldTitle>
      {children}
    </details>
  )
}
