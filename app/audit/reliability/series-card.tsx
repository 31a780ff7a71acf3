'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { v7 } from 'uuid'
import type { Measured, Series, SeriesChange } from '@/core/audit/series'
import type { Estimate } from '@/core/metrology/reliability/estimate'
import type { AngleLimits } from '@/core/vocabulary/degrees'
import type { Problem } from '@/core/vocabulary/problem'
import { counted } from '@/core/vocabulary/sentence'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { DoorForm } from '@/ui/doors/door-form'
import { BOX, Field, Select } from '@/ui/field'
import { TableHead } from '@/ui/table-head'

interface Props {
  readonly series: Series & { readonly id: string }
  readonly title: string
  /** Days on which it was begun and came into use, in words. */
  readonly begun: string
  readonly usedSince: string | null
  readonly measure: string | null
  readonly limits: AngleLimits | null
  readonly unit: string
  readonly technique: string
  readonly published: string
  /** What stands against using its MDC; null where a lead may. */
  readonly against: string | null
  readonly lead: boolean
}

/** One series: what was entered, its figures with their intervals, and whether they replace the published one. */
export function SeriesCard({ series, title, begun, usedSince, measure, limits, unit, technique, published, against, lead }: Props) {
  const { setup, figures, used, measured } = series
  const router = useRouter()
  const id = useRef(v7())
  const enter = async (change: SeriesChange): Promise<Problem | null> => {
    const problem = await act<Problem | null>('enter-series', id.current, series.id, change)
    if (!problem) {
      id.current = v7()
      router.refresh()
    }
    return problem
  }
  return (
    <section aria-label={`Series: ${title}`} className="mt-6 border-t border-hair pt-4">
      <h2 className="text-xl">{title}</h2>
      <p className="text-ash">
        {measure ?? 'positive or negative'}; {technique}; {setup.examiners === 2 ? 'two examiners' : 'one examiner'}, {counted(setup.trials, 'trial')} each;{' '}
        {setup.people === 'simulated' ? 'simulated people, for practice' : 'people'}. Begun by {series.by}, {begun}.
      </p>
      <div className="mt-3 grid gap-6 lg:grid-cols-2">
        <div>
          <Entries measured={measured} examiners={setup.examiners} unit={unit} yesNo={setup.stage === null} />
          <Enter key={measured.length} series={series} limits={limits} onEnter={enter} />
        </div>
        <Figures figures={figures} unit={unit} examiners={setup.examiners} />
      </div>
      {setup.stage !== null && (
        <div className="mt-3">
          <p>
            Published error: {published}.{' '}
            {used ? (
              <strong>
                This series is used in its place since {usedSince}, by {used.by}: {used.why}
              </strong>
            ) : (
              against && <span className="text-ash">{against}</span>
            )}
          </p>
          {lead && (used !== null || against === null) && (
            <DoorForm
              key={used === null ? 'use' : 'back'}
              label={used ? 'Give the published error back' : 'Use this error'}
              submit={used ? 'Give the published error back' : `Use ${figures.error ? rounded(figures.error.mdc95.value) : ''}${unit} from now on`}
              className="mt-2 max-w-2xl"
              onSend={(typed) => enter(used ? { kind: 'given-back', why: typed('why') } : { kind: 'used', why: typed('why') })}
            >
              <Field label="Why; it stays on record">{(tie) => <input autoComplete="off" {...tie} name="why" maxLength={300} className={BOX} />}</Field>
            </DoorForm>
          )}
        </div>
      )}
    </section>
  )
}

interface EntriesProps {
  readonly measured: readonly Measured[]
  readonly examiners: 1 | 2
  readonly unit: string
  readonly yesNo: boolean
}

/** What was entered. The figures of one examiner are shown once the other has entered theirs, so that neither is led. */
function Entries({ measured, examiners, unit, yesNo }: EntriesProps) {
  const people = [...new Set(measured.map((m) => m.person))]
  const told = (person: number, examiner: number) => {
    const mine = measured.find((m) => m.person === person && m.examiner === examiner)
    if (!mine) return '–'
    const both = examiners === 1 || measured.filter((m) => m.person === person).length === 2
    if (!both) return 'entered'
    return yesNo ? mine.results.join(', ') : mine.values.map((v) => `${v}${unit}`).join(', ')
  }
  if (people.length === 0) return <p>Nothing entered yet.</p>
  return (
    <table className="w-full border-collapse text-left text-[15px]">
      <TableHead heads={['person', ...(examiners === 2 ? ['examiner 1', 'examiner 2'] : ['trials'])]} />
      <tbody>
        {people.map((person) => (
          <tr key={person} className="border-t border-hair">
            <th scope="row" className="figures-in-text py-1 pr-4 text-left font-normal">
              {person}
            </th>
            {(examiners === 2 ? [1, 2] : [1]).map((examiner) => (
              <td key={examiner} className="figures-in-text pr-4">
                {told(person, examiner)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

interface EnterProps {
  readonly series: Series & { readonly id: string }
  readonly limits: AngleLimits | null
  readonly onEnter: (change: SeriesChange) => Promise<Problem | null>
}

/** One person's trials: typed, or taken from a simulated person. */
function Enter({ series, limits, onEnter }: EnterProps) {
  const { setup, measured } = series
  const yesNo = setup.stage === null
  const done = (person: number, examiner: number) => measured.some((m) => m.person === person && m.examiner === examiner)
  const next = (examiner: 1 | 2) => {
    let person = 1
    while (done(person, examiner)) person++
    return person
  }
  const first: 1 | 2 = setup.examiners === 2 && next(2) < next(1) ? 2 : 1
  const [text, setText] = useState('')
  const [person, setPerson] = useState(String(next(first)))
  const [examiner, setExaminer] = useState<1 | 2>(first)
  // Whoever presses Enter while the person is still being measured enters what is measured, not an empty box.
  const measuring = useRef<Promise<string> | null>(null)
  const simulate = async () => {
    const { simulatedResults, simulatedTrials } = await import('@/devices/simulated-series')
    const asked = { series: series.id, person: Number(person), examiner, trials: setup.trials }
    return (limits ? simulatedTrials({ ...asked, limits }) : simulatedResults(asked)).join(', ')
  }
  const measure = async () => {
    const asked = simulate()
    measuring.current = asked
    const told = await asked
    if (measuring.current === asked) setText(told)
  }
  const write = (typed: string) => {
    measuring.current = null
    setText(typed)
  }
  return (
    <DoorForm
      label="Enter a person"
      submit="Enter"
      className="mt-3"
      onSend={async () => {
        const parts = ((await measuring.current) ?? text).split(/[,;\s]+/).filter(Boolean)
        const results = parts.map((p) => (/^(p|\+|y)/i.test(p) ? ('positive' as const) : ('negative' as const)))
        const values = parts.map((p) => Number(p.replace('−', '-')))
        if (!yesNo && values.some((v) => Number.isNaN(v)))
          return { what: 'These are no figures.', kept: 'What you typed is still here.', do: 'Type them with a comma between, as 42, 44.' }
        if (yesNo && parts.some((p) => !/^(p|n|\+|-|−|y)/i.test(p)))
          return { what: 'These are no results.', kept: 'What you typed is still here.', do: 'Type positive or negative (p or n), one a trial.' }
        return onEnter({ kind: 'measured', person: Number(person), examiner, values: yesNo ? [] : values, results: yesNo ? results : [] })
      }}
    >
      <div className="flex flex-wrap items-end gap-3">
        <Field label="Person" className="w-24">
          {(tie) => (
            <input autoComplete="off" {...tie} type="number" min={1} max={200} value={person} onChange={(e) => setPerson(e.target.value)} className={BOX} />
          )}
        </Field>
        {setup.examiners === 2 && (
          <Field label="Examiner" className="w-28">
            {(tie) => (
              <Select {...tie} value={examiner} onChange={(e) => setExaminer(e.target.value === '2' ? 2 : 1)}>
                <option value={1}>1</option>
                <option value={2}>2</option>
              </Select>
            )}
          </Field>
        )}
        <Field label={`${counted(setup.trials, 'trial')}${yesNo ? ', positive or negative' : ', with commas'}`} className="min-w-44 grow">
          {(tie) => <input autoComplete="off" {...tie} value={text} onChange={(e) => write(e.target.value)} className={BOX} />}
        </Field>
        {setup.people === 'simulated' && (yesNo || limits) && <Button onClick={() => void measure()}>Measure a simulated person</Button>}
      </div>
    </DoorForm>
  )
}

function Figures({ figures, unit, examiners }: { readonly figures: Series['figures']; readonly unit: string; readonly examiners: 1 | 2 }) {
  const { error, agreement } = figures
  const between = examiners === 2 ? 'between examiners, first trials' : 'between trials'
  const rows: readonly (readonly [string, Estimate | null, (v: number) => string])[] = agreement
    ? [
        ['Agreement', agreement.percent, percent],
        ['Kappa (Cohen)', agreement.kappa, two],
        ['Kappa, prevalence-adjusted', agreement.pabak, two],
      ]
    : [
        ['SEM', error?.sem ?? null, (v) => `${rounded(v)}${unit}`],
        ['MDC95', error?.mdc95 ?? null, (v) => `${rounded(v)}${unit}`],
        [`ICC(2,1), agreement ${between}`, figures.icc21, two],
        [`ICC(3,1), consistency ${between}`, figures.icc31, two],
      ]
  return (
    <div>
      <p className="text-ash">From {counted(figures.people, 'complete person').replace('persons', 'people')}; 95 % intervals.</p>
      <table className="mt-1 w-full border-collapse text-left text-[15px]">
        <TableHead heads={['figure', 'value', 'from', 'to']} />
        <tbody>
          {rows.map(([name, estimate, told]) => (
            <tr key={name} className="border-t border-hair">
              <th scope="row" className="py-1.5 pr-4 text-left font-normal">
                {name}
              </th>
              <td className="figures-in-text pr-4 font-semibold">{estimate ? told(estimate.value) : 'not known yet'}</td>
              <td className="figures-in-text pr-4">{estimate ? told(estimate.low) : ''}</td>
              <td className="figures-in-text">{estimate ? told(estimate.high) : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function rounded(value: number): string {
  return String(Math.round(value * 10) / 10)
}

function two(value: number): string {
  return value.toFixed(2)
}

function percent(value: number): string {
  return `${Math.round(value * 100)} %`
}
