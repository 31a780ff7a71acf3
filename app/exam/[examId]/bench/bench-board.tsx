'use client'

import { useState } from 'react'
import type { Weighed } from '@/core/evidence/weigh'
import type { SourceVerdict } from '@/core/assess'
import { standingWords } from '@/core/note/conclusion'
import { rulesTold } from '@/core/note/sources'
import { familiesShown, isReferred, sourceKey, standingOf } from '@/core/standing'
import { percent } from '@/core/note/percent'
import { UNCHECKED } from '@/core/note/statement'
import { counted } from '@/core/vocabulary/sentence'
import { FAMILY_WORDS, sourceTitle } from '@/core/vocabulary/source'
import { CommandKey } from '@/ui/exam/command-key'
import { RulePips } from '@/ui/board/rule-pips'
import { FAMILY_COLOUR, Strip } from '@/ui/board/strip'
import { useExam } from '@/ui/exam/store'
import { useIntervals } from '@/ui/board/use-intervals'
import { headlineOf } from '@/core/evidence/headline'
import { figureShown, tornRange, withoutFigure } from '@/ui/board/figure-shown'
import type { Interval } from '@/core/evidence/interval'
import { PlanChoice } from './plan-choice'
import type { Bench } from './use-bench'
import { focusCard } from '@/ui/exam/give-focus'
import { fetched } from '@/ui/fetched'

// Asked for once in a while; its arithmetic stands on Weigh too.
const HowComputed = fetched(() => import('@/ui/board/how-computed').then((m) => m.HowComputed))

/** What the answers say so far, by family; what was not assessed is unknown, never clear. */
export function BenchBoard({ bench }: { readonly bench: Bench }) {
  const { assessment, at } = useExam()
  const [how, setHow] = useState<SourceVerdict | null>(null)
  const intervalFor = useIntervals(assessment)
  const standing = standingOf(assessment.sources)
  // What leads is always in view, and stands in its family no second time.
  const lead = standing.kind === 'leads' ? standing.source : null
  const next = bench.suggested
  const elsewhere = next && bench.inHand && (next.test.id !== bench.inHand.test.id || next.side !== bench.inHand.side)
  return (
    <aside aria-label="Board" className="flex min-h-0 flex-col border-t border-hair bg-sheet px-4 py-3 sm:px-6 lg:border-l lg:border-t-0 lg:px-5">
      <div role="status" aria-label="What stands out">
        {lead ? (
          <div className="rounded-card bg-glow px-3 pb-2 pt-0.5">
            <SourceRow row={lead} interval={intervalFor(lead)} onHow={() => setHow(lead)} />
          </div>
        ) : (
          <p className="min-h-6 font-semibold leading-snug">{standingWords(assessment.sources)}</p>
        )}
      </div>
      <div role="group" aria-label="Sources" tabIndex={0} className="min-h-0 flex-1 lg:overflow-y-auto">
        {familiesShown(assessment.sources).map((family) => {
          const rows = assessment.sources.filter((s) => s.family === family && s !== lead)
          if (rows.length === 0) return null
          return (
            <section key={family} aria-label={FAMILY_WORDS[family]} className="border-b border-hair pb-2.5 pt-2 last:border-b-0">
              <h3 className="text-[15px] lowercase" style={{ color: FAMILY_COLOUR[family] }}>
                {FAMILY_WORDS[family]}
              </h3>
              {rows.map((row) => (
                <SourceRow key={sourceKey(row)} row={row} interval={intervalFor(row)} onHow={() => setHow(row)} />
              ))}
            </section>
          )
        })}
        {assessment.interplay.map((i) => (
          <p key={i.what} className="mt-2 rounded-card border border-hair px-3 py-2 text-[15px]">
            {i.what}
          </p>
        ))}
        <p className="mt-2 text-[13px] leading-snug text-ash">{UNCHECKED}</p>
      </div>
      {next && elsewhere && !bench.advice.stop && (
        <button
          type="button"
          onClick={() => {
            focusCard()
            bench.input({ do: 'take-suggested' })
          }}
          className="mt-2 min-h-14 rounded-card border border-edge bg-dust px-4 py-2 text-left text-base"
        >
          <strong>Next:</strong> {bench.advice.why} <CommandKey of="next" />
        </button>
      )}
      {next && !elsewhere && next.state !== 'under-way' && !bench.advice.stop && (
        <p className="mt-2 text-[15px] leading-snug">
          <strong>Now:</strong> {bench.advice.why}
        </p>
      )}
      {bench.advice.stop && <p className="mt-2 rounded-card border border-hair px-4 py-2 text-[15px]">{bench.advice.stop}</p>}
      <PlanChoice bench={bench} />
      {how && <HowComputed weigh={at('weigh')} row={how} interval={intervalFor(how)} onClose={() => setHow(null)} />}
    </aside>
  )
}

/** The leading or planned rule; the others stand on Weigh. */
function rulesShown(row: SourceVerdict) {
  const { lead } = rulesTold(row)
  return lead ? [lead] : []
}

/** What the figure is made of. */
function voices({ rule, pooled }: Weighed): string {
  if (!rule) return 'model'
  if (pooled) return 'rule and model'
  return rule.rule.cluster.basis === 'own' ? 'own rule' : 'published rule'
}

interface RowProps {
  readonly row: SourceVerdict
  readonly interval: Interval | null
  readonly onHow: () => void
}

/** One source: its figure, its doubt, its leading rule. A press anywhere on it tells how the figure was computed. */
function SourceRow({ row, interval, onHow }: RowProps) {
  const title = sourceTitle(row)
  const { weighed } = row
  const value = weighed ? headlineOf(weighed) : null
  const by = weighed ? voices(weighed) : 'model'
  const weighable = row.prior !== null
  const range = interval ? `, ${percent(interval.p05)} to ${percent(interval.p95)}` : ''
  const torn = tornRange(weighed)
  const away = row.pointers.filter((p) => p.direction === 'against').length
  const toward = row.pointers.length - away
  const points = [toward > 0 ? `supports it: ${toward}` : '', away > 0 ? `opposes it: ${away}` : ''].filter(Boolean).join(', ')
  return (
    <div className="relative mt-1.5">
      {weighable && (
        <button
          type="button"
          aria-haspopup="dialog"
          aria-label={`How this was computed: ${title}`}
          onClick={onHow}
          className="absolute inset-0 min-h-14 w-full rounded-md hover:outline hover:outline-1 hover:outline-edge"
        />
      )}
      <p className="flex items-baseline gap-2">
        <span className="font-semibold">{title}</span>
        <span className={`figures ml-auto whitespace-nowrap ${value === null ? 'text-base text-ash' : 'text-[21px]'}`}>
          {weighable ? value === null ? withoutFigure(row) : figureShown(weighed, value) : <span className="font-sans text-[15px] text-ash">{points}</span>}
        </span>
      </p>
      {isReferred(row) && (
        <p className="border-l-4 border-halt pl-2 text-[15px] leading-snug">
          <strong className="text-halt">Refer first.</strong> {row.pointers.find((p) => p.direction === 'for')?.why}
        </p>
      )}
      {weighable && (
        <>
          <Strip
            family={row.family}
            value={value}
            torn={torn !== null}
            interval={torn ?? (interval && [interval.p05, interval.p95])}
            describes={
              value === null
                ? `${title}: ${withoutFigure(row)}`
                : `${title}: ${torn ? 'evidence disagrees, ' : ''}about ${figureShown(weighed, value)}${range}, ${by}`
            }
          />
          <p className="mt-1 text-[14px] text-ash">
            {weighed && (torn ? `evidence disagrees, no estimate leads; from ${percent(weighed.prior.p)}` : `${by}${range}; from ${percent(weighed.prior.p)}`)}
            {points && `${weighed ? '; ' : ''}${points}`}
          </p>
        </>
      )}
      {rulesShown(row).map((rule) => (
        <p key={rule.cluster.id} className="flex items-center gap-2 text-[15px]">
          <RulePips rule={rule} colour={FAMILY_COLOUR[row.family]} />
          <span>
            {rule.cluster.name}: {rule.words}
            {rule.changeNothing.length > 0 && <span className="text-ash"> ({counted(rule.changeNothing.length, 'test')} would change nothing)</span>}
          </span>
        </p>
      ))}
    </div>
  )
}
