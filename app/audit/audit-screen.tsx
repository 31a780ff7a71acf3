'use client'

import { useState } from 'react'
import type { PublishedRule } from '@/core/audit/published'
import { ZONE_WORDS } from '@/core/note/treatment-words'
import { Button } from '@/ui/button'
import { fetched } from '@/ui/fetched'
import { BOX, Field, Select } from '@/ui/field'
import { type Asked, auditQuery, stretchOf, useAudit } from './use-audit'

/** What ids are called here. */
export interface AuditNames {
  readonly tests: Readonly<Record<string, string>>
  readonly rules: Readonly<Record<string, PublishedRule & { readonly sourceName: string }>>
  readonly gates: Readonly<Record<string, string>>
  readonly groups: Readonly<Record<string, string>>
}

const AuditFigures = fetched(() => import('./audit-figures').then((m) => m.AuditFigures))

interface Props {
  readonly names: AuditNames
  readonly lead: boolean
  /** The year up to today, which is asked for first; days, YYYY-MM-DD. */
  readonly year: Pick<Asked, 'from' | 'to'>
}

/** An audit of a stretch of time, a region and an examiner. */
export function AuditScreen({ names, lead, year }: Props) {
  const [asked, setAsked] = useState<Asked>({ ...year, region: '', who: lead ? 'all' : 'me' })
  const { pooled, done, of, failed } = useAudit(asked)
  const stretch = stretchOf(asked)
  const set = (change: Partial<Asked>) => setAsked({ ...asked, ...change })
  return (
    <>
      <form className="no-print mt-4 flex flex-wrap items-end gap-3" onSubmit={(e) => e.preventDefault()}>
        <Field label="From" className="w-44">
          {(tie) => (
            <input autoComplete="off" {...tie} type="date" value={asked.from} max={asked.to} onChange={(e) => set({ from: e.target.value })} className={BOX} />
          )}
        </Field>
        <Field label="To" className="w-44" error={stretch ? undefined : 'The last day comes before the first.'}>
          {(tie) => <input autoComplete="off" {...tie} type="date" value={asked.to} onChange={(e) => set({ to: e.target.value })} className={BOX} />}
        </Field>
        <Field label="Region of the first complaint" className="w-56">
          {(tie) => (
            <Select {...tie} value={asked.region} onChange={(e) => set({ region: e.target.value })}>
              <option value="">every region</option>
              {Object.entries(ZONE_WORDS).map(([zone, words]) => (
                <option key={zone} value={zone}>
                  {words}
                </option>
              ))}
              <option value="none">not told</option>
            </Select>
          )}
        </Field>
        <Field label="Examiner" className="w-44">
          {(tie) => (
            <Select {...tie} value={asked.who} onChange={(e) => set({ who: e.target.value === 'all' ? 'all' : 'me' })}>
              <option value="me">me alone</option>
              {lead && <option value="all">everybody, pooled</option>}
            </Select>
          )}
        </Field>
        {stretch && (
          <Button asChild>
            <a href={`/audit/file?${auditQuery(asked, stretch[0], stretch[1])}`} download>
              Save as CSV
            </a>
          </Button>
        )}
      </form>
      {failed ? (
        <p role="alert" className="mt-4 text-halt">
          The server did not answer. Change something above to try again.
        </p>
      ) : (
        done < of &&
        stretch && (
          <p role="status" className="mt-4 flex items-center gap-3 text-ash">
            <progress value={done} max={of} aria-label="Months added up" className="w-56" /> {done} of {of} months
          </p>
        )
      )}
      {pooled &&
        done === of &&
        (pooled.exams === 0 ? (
          <p className="mt-6">No examination in this stretch of time, for this region and examiner.</p>
        ) : (
          <AuditFigures pooled={pooled} names={names} />
        ))}
    </>
  )
}
