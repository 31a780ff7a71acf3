'use client'

import type { ReactNode } from 'react'
import { calibrationOf, type Counts, FEW, howMany, medianOf, ownAccuracy, type Pooled } from '@/core/audit/pool'
import { lrFigure } from '@/core/evidence/lr-words'
import type { Estimate } from '@/core/metrology/reliability/estimate'
import { counted } from '@/core/vocabulary/sentence'
import { Calibration } from '@/ui/charts/calibration'
import { Histogram } from '@/ui/charts/histogram'
import { Share } from '@/ui/charts/share'
import { States } from '@/ui/charts/states'
import { TableHead } from '@/ui/table-head'
import type { AuditNames } from './audit-screen'

/** Every figure of an audit, as tables and small charts. */
export function AuditFigures({ pooled, names }: { readonly pooled: Pooled; readonly names: AuditNames }) {
  const tests = Object.entries(pooled.tests).toSorted((a, b) => howMany(b[1]) - howMany(a[1]))
  const all = Object.values(pooled.tests).reduce((n, counts) => n + howMany(counts), 0)
  return (
    <div className="mt-4">
      <dl className="flex flex-wrap gap-x-10 gap-y-3">
        <Figure name="people" value={pooled.people.length} />
        <Figure name="examinations" value={pooled.exams} />
        <Figure name="tests" value={all} />
        <Figure name="minutes, median" value={medianOf(pooled.minutes)} />
        <Figure name="signs better, same, worse" value={`${pooled.signs.better}, ${pooled.signs.same}, ${pooled.signs.worse}`} />
        <Figure name="alerts" value={pooled.signs.alerts} />
      </dl>
      <Section
        title="Rules against confirmed sources"
        says={`Own accuracy stands in grey below ${FEW} confirmed; an open rule said nothing and is no cell; of an episode its first visit counts. Intervals are 95 %: Wilson for shares, log for ratios.`}
      >
        <Rules pooled={pooled} names={names} />
      </Section>
      <Section title="Calibration of the leading estimate" says="The highest estimate of each examination, beside how often it held where that is known.">
        <CalibrationPart pooled={pooled} />
      </Section>
      <Section title="Plan" says="Planned tests, over all examinations.">
        <Table heads={['', 'tests', 'share']}>
          {(
            [
              ['done', 'done'],
              ['skipped', 'left out with a reason'],
              ['open', 'neither done nor left out'],
            ] as const
          ).map(([key, words]) => (
            <ShareRow key={key} words={words} n={pooled.plan[key]} of={pooled.plan.done + pooled.plan.skipped + pooled.plan.open} />
          ))}
        </Table>
        <p className="mt-2">
          {counted(pooled.plan.beside, 'performance')} of tests the plan did not name. Another order was made in {counted(pooled.plan.ownOrder, 'examination')}.
        </p>
      </Section>
      <Section title="Safety" says="Halts and what became of them; questions of the screen that nobody asked.">
        <Safety pooled={pooled} names={names} />
      </Section>
      <Section title="Results the examiner replaced" says="Each with its reason.">
        {pooled.overrides.length === 0 ? (
          <p>None.</p>
        ) : (
          <Table heads={['test', 'set to', 'why', 'examination']}>
            {pooled.overrides.map((o, i) => (
              <tr key={i} className="border-t border-hair align-top">
                <td className="py-1.5 pr-4">{names.tests[o.test] ?? o.test}</td>
                <td className="pr-4">{o.result}</td>
                <td className="pr-4">{o.why}</td>
                <td>
                  <Exams ids={[o.exam]} />
                </td>
              </tr>
            ))}
          </Table>
        )}
      </Section>
      <Section title="Minutes" says="From the first test to the last answer of an examination.">
        <Histogram
          counts={pooled.minutes}
          step={2}
          says={`Minutes of ${howMany(pooled.minutes)} examinations, median ${medianOf(pooled.minutes) ?? 'not known'}`}
        />
      </Section>
      <Section title="Tests" says="How often, and how long from the start to the last answer; what lay longer than half an hour is left out.">
        <Table heads={['test', 'performed', 'seconds, median', 'share']}>
          {tests.map(([id, counts]) => (
            <tr key={id} className="border-t border-hair">
              <td className="py-1 pr-4">{names.tests[id] ?? id}</td>
              <td className="figures-in-text pr-4">{howMany(counts)}</td>
              <td className="figures-in-text pr-4">{medianOf(counts)}</td>
              <td>
                <Share n={howMany(counts)} of={largest(tests)} />
              </td>
            </tr>
          ))}
        </Table>
      </Section>
    </div>
  )
}

function largest(tests: readonly (readonly [string, Counts])[]): number {
  return Math.max(1, ...tests.map(([, counts]) => howMany(counts)))
}

function Rules({ pooled, names }: { readonly pooled: Pooled; readonly names: AuditNames }) {
  const rules = Object.entries(pooled.rules).toSorted((a, b) => ownAccuracy(b[1]).n - ownAccuracy(a[1]).n || b[1].met - a[1].met)
  return (
    <Table heads={['rule', 'met', 'not', 'open', 'confirmed', 'true +', 'false +', 'false −', 'true −', 'sensitivity', 'specificity', 'LR+', 'LR−']}>
      {rules.map(([id, rule]) => {
        const own = ownAccuracy(rule)
        const known = names.rules[id]
        const grey = own.few ? 'text-ash' : 'font-semibold'
        return (
          <tr key={id} className="border-t border-hair align-top">
            <th scope="row" className="min-w-56 py-2 pr-4 text-left font-normal">
              {known?.title ?? id}
              <span className="block text-sm text-ash">{known?.sourceName ?? rule.source}</span>
              <States met={rule.met} not={rule.not} open={rule.open} />
            </th>
            <td className="figures-in-text py-2 pr-4">{rule.met}</td>
            <td className="figures-in-text py-2 pr-4">{rule.not}</td>
            <td className="figures-in-text py-2 pr-4">{rule.open}</td>
            <td className={`figures-in-text py-2 pr-4 ${grey}`}>
              {own.n}
              {own.few && own.n > 0 && <span className="block text-sm">too few</span>}
            </td>
            {(['truePositive', 'falsePositive', 'falseNegative', 'trueNegative'] as const).map((cell) => (
              <td key={cell} className={`figures-in-text py-2 pr-4 ${grey}`}>
                {rule[cell]}
                <Exams ids={rule.exams[cell]} />
              </td>
            ))}
            <OwnAndPublished own={own.sensitivity} published={known?.sensitivity ?? null} grey={grey} percent />
            <OwnAndPublished own={own.specificity} published={known?.specificity ?? null} grey={grey} percent />
            <OwnAndPublished own={own.n === 0 ? null : own.lrPositive} published={known?.lrPositive ?? null} grey={grey} />
            <OwnAndPublished own={own.n === 0 ? null : own.lrNegative} published={known?.lrNegative ?? null} grey={grey} />
          </tr>
        )
      })}
    </Table>
  )
}

interface OwnProps {
  readonly own: Estimate | null
  readonly published: number | null
  readonly grey: string
  readonly percent?: boolean
}

/** An own figure with its interval, and the published one under it. */
function OwnAndPublished({ own, published, grey, percent = false }: OwnProps) {
  const told = (v: number) => (percent ? `${Math.round(v * 100)}\u00a0%` : v > 99 ? '> 99' : lrFigure(v))
  return (
    <td className="figures-in-text min-w-24 py-2 pr-3">
      <span className={grey}>{own === null ? 'none' : told(own.value)}</span>
      {own && (
        <span className="block text-sm text-ash">
          {percent ? Math.round(own.low * 100) : told(own.low)} to {told(own.high)}
        </span>
      )}
      <span className="block text-sm text-ash">published {published === null ? 'not\u00a0known' : told(published)}</span>
    </td>
  )
}

function CalibrationPart({ pooled }: { readonly pooled: Pooled }) {
  const { bins, brier, n } = calibrationOf(pooled)
  if (n === 0) return <p>Nothing to compare yet: no examination of this stretch has a confirmed source that its leading estimate is about.</p>
  const grey = n < FEW ? 'text-ash' : ''
  return (
    <div className={`grid gap-6 md:grid-cols-[18rem_minmax(0,1fr)] ${grey}`}>
      <Calibration bins={bins} />
      <div>
        <p>
          {counted(n, 'estimate')} with a confirmed answer; Brier score {brier?.toFixed(3)} (0 is perfect, 0.25 is a coin).
          {n < FEW && ` Fewer than ${FEW}: it says next to nothing.`}
        </p>
        <Table heads={['said', 'estimates', 'said on average', 'held']}>
          {bins.map((bin) => (
            <tr key={bin.from} className="border-t border-hair">
              <td className="py-1 pr-4">
                {Math.round(bin.from * 100)} to {Math.round(bin.to * 100)} %
              </td>
              <td className="figures-in-text pr-4">{bin.n}</td>
              <td className="figures-in-text pr-4">{bin.said === null ? '–' : `${Math.round(bin.said * 100)} %`}</td>
              <td className="figures-in-text">
                {bin.held ? `${Math.round(bin.held.value * 100)} % (${Math.round(bin.held.low * 100)} to ${Math.round(bin.held.high * 100)})` : '–'}
              </td>
            </tr>
          ))}
        </Table>
      </div>
    </div>
  )
}

function Safety({ pooled, names }: { readonly pooled: Pooled; readonly names: AuditNames }) {
  const halts = Object.entries(pooled.halts).toSorted((a, b) => b[1].exams.length - a[1].exams.length)
  const unasked = Object.entries(pooled.unasked).toSorted((a, b) => b[1] - a[1])
  return (
    <div className="grid gap-6 lg:grid-cols-2">
      <div>
        <h3 className="font-sans text-base text-ash">Halts</h3>
        {halts.length === 0 ? (
          <p>None.</p>
        ) : (
          <Table heads={['halt', 'closed', 'share of examinations', 'opened with a reason', '']}>
            {halts.map(([gate, halt]) => (
              <tr key={gate} className="border-t border-hair align-top">
                <td className="py-1.5 pr-4">{names.gates[gate] ?? gate}</td>
                <td className="figures-in-text pr-4">{halt.exams.length}</td>
                <td className="pr-4">
                  <Share n={halt.exams.length} of={pooled.exams} />
                </td>
                <td className="pr-4">{halt.opened.length === 0 ? 'never' : halt.opened.join('; ')}</td>
                <td>
                  <Exams ids={halt.exams} />
                </td>
              </tr>
            ))}
          </Table>
        )}
      </div>
      <div>
        <h3 className="font-sans text-base text-ash">Questions left unasked</h3>
        {unasked.length === 0 ? (
          <p>None.</p>
        ) : (
          <Table heads={['group', 'questions', '']}>
            {unasked.map(([group, n]) => (
              <ShareRow key={group} words={names.groups[group] ?? group} n={n} of={unasked[0]?.[1] ?? 1} />
            ))}
          </Table>
        )}
      </div>
    </div>
  )
}

/** Links to what stands behind a figure: an examination and its events. Many are counted and the first few named. */
function Exams({ ids }: { readonly ids: readonly string[] }) {
  const SHOWN = 8
  if (ids.length === 0) return null
  return (
    <details className="text-sm">
      <summary
        className="min-h-11 cursor-pointer whitespace-nowrap py-2.5 font-normal underline underline-offset-4"
        aria-label={`Which: ${counted(ids.length, 'examination')}`}
      >
        which
      </summary>
      <ul>
        {ids.slice(0, SHOWN).map((id, i) => (
          <li key={`${id} ${i}`}>
            <a href={`/exam/${id}/note`} className="inline-flex min-h-11 items-center underline underline-offset-4">
              {id.slice(0, 13)}
            </a>
          </li>
        ))}
        {ids.length > SHOWN && <li>and {ids.length - SHOWN} more, in the CSV</li>}
      </ul>
    </details>
  )
}

function ShareRow({ words, n, of }: { readonly words: string; readonly n: number; readonly of: number }) {
  return (
    <tr className="border-t border-hair">
      <td className="py-1 pr-4">{words}</td>
      <td className="figures-in-text pr-4">{n}</td>
      <td>
        <Share n={n} of={of} />
      </td>
    </tr>
  )
}

function Figure({ name, value }: { readonly name: string; readonly value: number | string | null }) {
  return (
    <div>
      <dd className="font-serif text-[26px] leading-tight">{value ?? '–'}</dd>
      <dt className="text-ash">{name}</dt>
    </div>
  )
}

function Section({ title, says, children }: { readonly title: string; readonly says: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="mt-7 border-t border-hair pt-4">
      <h2 className="text-xl">{title}</h2>
      <p className="mb-2 max-w-3xl text-ash">{says}</p>
      {children}
    </section>
  )
}

function Table({ heads, children }: { readonly heads: readonly string[]; readonly children: ReactNode }) {
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={`Table: ${heads.filter(Boolean).join(', ')}`}>
      <table className="w-full border-collapse text-left text-[15px]">
        <TableHead heads={heads} />
        <tbody>{children}</tbody>
      </table>
    </div>
  )
}
