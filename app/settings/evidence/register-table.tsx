'use client'

import { useMemo, useState } from 'react'
import { testById } from '@/core/catalogue'
import { CLUSTERS } from '@/core/clusters'
import type { Accuracy } from '@/core/evidence/accuracy'
import { likelihoodRatios } from '@/core/evidence/likelihood-ratio'
import { moves } from '@/core/evidence/register'
import type { Estimate } from '@/core/evidence/study'
import { sourceOf } from '@/core/vocabulary/source'
import { estimateWords } from '@/ui/figure-words'
import { TableHead } from '@/ui/table-head'
import { OverrideForm } from './override-form'
import { Wide } from '@/ui/wide'

interface Props {
  readonly rows: readonly Accuracy[]
  /** A lead gives rows figures of the clinic's own; others read them. */
  readonly mayChange: boolean
}

/** All rows, narrowed by what is typed; each can be given figures of the clinic's own. */
export function RegisterTable({ rows, mayChange }: Props) {
  const [typed, setTyped] = useState('')
  const [onlyMoving, setOnlyMoving] = useState(false)
  const [editing, setEditing] = useState<string | null>(null)
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  const inOrder = useMemo(
    () =>
      rows.toSorted(
        (a, b) => Number(a.of === null) - Number(b.of === null) || nameOf(a).localeCompare(nameOf(b)) || a.id.localeCompare(b.id, 'en', { numeric: true }),
      ),
    [rows],
  )
  const shown = inOrder.filter((row) => (!onlyMoving || moves(row)) && words.every((word) => textOf(row).includes(word)))
  return (
    <section aria-label="Rows of the register" className="mt-5">
      <div className="flex flex-wrap items-center gap-6">
        <label className="flex items-center gap-3">
          Find
          <input
            autoComplete="off"
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
            placeholder="thigh thrust, Laslett, A02"
            className="min-h-11 w-80 max-w-full rounded-card border border-edge bg-sheet px-3"
          />
        </label>
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" checked={onlyMoving} onChange={(e) => setOnlyMoving(e.target.checked)} className="size-5 accent-[var(--lantern)]" />
          only rows that change the estimate
        </label>
        <p role="status" className="text-ash">
          {shown.length} of {rows.length} rows
        </p>
      </div>
      <Wide label="Register">
        <table className="w-full min-w-[66rem] text-left text-[15px]">
          <TableHead heads={['', 'Test or rule', 'For', 'Study', 'Sens., spec.', 'LR+, LR−', 'Counts', 'Sure; use']} />
          <tbody>
            {shown.map((row) => (
              <Row key={`${row.id} ${row.of}`} row={row} editing={editing === row.id} onEdit={mayChange ? (on) => setEditing(on ? row.id : null) : null} />
            ))}
          </tbody>
        </table>
      </Wide>
    </section>
  )
}

/** The test or rule a row speaks of, where it is one of ours; else what the study looked at. */
function nameOf(row: Accuracy): string {
  const ours =
    row.of === null ? undefined : (testById(row.of)?.name ?? CLUSTERS.find((c) => [c.id, c.figure, `${c.id}-no-centralisation`].includes(row.of ?? ''))?.name)
  return ours ?? row.subject ?? row.of ?? ''
}

function textOf(row: Accuracy): string {
  return [row.id, row.of, nameOf(row), row.subject, row.from.cite, row.target ?? '', row.for ? sourceOf(row.for).name : ''].join(' ').toLowerCase()
}

interface RowProps {
  readonly row: Accuracy
  readonly editing: boolean
  /** null where it is only read. */
  readonly onEdit: ((on: boolean) => void) | null
}

function Row({ row, editing, onEdit }: RowProps) {
  const lr = likelihoodRatios(row)
  const leads = moves(row)
  return (
    <>
      <tr className={`border-t border-hair align-top ${leads ? '' : 'text-ash'}`}>
        <td className="py-2 pr-4">{row.id}</td>
        <th scope="row" className={`max-w-72 py-2 pr-4 ${leads ? 'font-semibold' : 'font-normal'}`}>
          {nameOf(row)}
          <span className="block text-sm font-normal text-ash">
            {row.subject !== undefined && row.subject !== nameOf(row) && <span className="block">{row.subject}</span>}
            {row.criterion}
          </span>
        </th>
        <td className="max-w-44 py-2 pr-4">
          {row.target ?? (row.for ? sourceOf(row.for).name : '')}
          {row.side && `, ${row.side}`}
        </td>
        <td className="max-w-64 py-2 pr-4">
          {row.from.cite}
          <span className="block text-sm text-ash">
            {row.from.n === null ? 'n not known' : `n ${row.from.n}`}; {row.from.people === 'Not known here' ? 'people not known' : row.from.people}; against{' '}
            {row.from.reference}
          </span>
          {row.own && <span className="block text-sm font-semibold text-lantern-text">Entered by this clinic: {row.own.by}</span>}
        </td>
        <td className="figures py-2 pr-4">
          <span className="block">{estimateWords(row.sens, row.printed?.sens)}</span>
          {estimateWords(row.spec, row.printed?.spec)}
        </td>
        <td className="figures py-2 pr-4">
          <span className="block">{ratio(lr?.positive, row.lrPositive, row.printed?.lrPositive)}</span>
          {ratio(lr?.negative, row.lrNegative, row.printed?.lrNegative)}
        </td>
        <td className="max-w-32 py-2 pr-4 text-sm">
          {row.counts && !row.own
            ? `TP ${row.counts.tp}, FN ${row.counts.fn}, FP ${row.counts.fp}, TN ${row.counts.tn}`
            : (row.printed?.other ?? (row.own ? '' : 'not known'))}
        </td>
        <td className="max-w-56 py-2 pr-4">
          <span className="block">{row.confidence === 'low' ? 'low, unverified' : row.confidence}</span>
          <span className="block text-sm leading-snug">
            {leads
              ? `Changes the estimate${row.speaks ? `, ${row.speaks} answers only` : ''}. `
              : row.confidence === 'low'
                ? 'Never changes the estimate. '
                : 'Shown only. '}
            {row.use.because}.
          </span>
          {onEdit && (
            <button
              type="button"
              aria-label={`Own accuracy for ${row.id}`}
              aria-expanded={editing}
              onClick={() => onEdit(!editing)}
              className="block min-h-11 underline underline-offset-4"
            >
              Own accuracy
            </button>
          )}
        </td>
      </tr>
      {editing && onEdit && (
        <tr>
          <td colSpan={8} className="pb-4">
            <OverrideForm row={row} onDone={() => onEdit(false)} />
          </td>
        </tr>
      )}
    </>
  )
}

function ratio(value: number | null | undefined, estimated?: Estimate, printed?: string): string {
  if (value === null || value === undefined) return estimated ? String(estimated.value) : (printed ?? '–')
  return `${Number(value.toPrecision(3))}${estimated?.interval ? ` (${estimated.interval[0]} to ${estimated.interval[1]})` : ''}`
}
