'use client'

import { useState } from 'react'
import type { OwnPrior } from '@/core/evidence/prior'
import { type PriorLine, PRIORS, REPLACED_LINES } from '@/core/evidence/priors'
import type { Setting } from '@/core/record/event'
import { sourceOf } from '@/core/vocabulary/source'
import { TableHead } from '@/ui/table-head'
import { chooseForClinic, setPrior } from './actions'
import { SavedNote } from './saved-note'
import { type Saving, useSaving } from './use-saving'
import { Button } from '@/ui/button'
import { Wide } from '@/ui/wide'

const SETTINGS: readonly { readonly id: Setting; readonly name: string }[] = [
  { id: 'referred', name: 'People who were referred: most studies were made in them' },
  { id: 'first-contact', name: 'First contact: few figures are known, most are assumed' },
]

interface Props {
  readonly setting: Setting
  readonly own: readonly OwnPrior[]
}

/** Starting odds by place of pain, for the setting the clinic works in. */
export function PretestSettings({ setting: stored, own }: Props) {
  const saving = useSaving()
  const [setting, setSetting] = useState(stored)
  return (
    <section aria-labelledby="odds" className="mt-6 rounded-card border border-hair bg-sheet px-5 py-4">
      <h2 id="odds" className="text-xl">
        Pretest probabilities
      </h2>
      <p className="mt-1 text-ash">
        Where each source stands before any test, by where the pain is painted. A figure of your own needs a source, and carries your name.
      </p>
      <fieldset className="mt-2">
        <legend className="font-semibold">Who comes here?</legend>
        {SETTINGS.map((s) => (
          <label key={s.id} className="flex min-h-11 items-center gap-3">
            <input
              type="radio"
              name="setting"
              checked={setting === s.id}
              onChange={() => {
                setSetting(s.id)
                void saving.save((entry) => chooseForClinic(entry, 'setting', s.id))
              }}
              className="size-5 accent-[var(--lantern)]"
            />
            {s.name}
          </label>
        ))}
      </fieldset>
      <SavedNote saving={saving} />
      <Wide label="Pretest probabilities">
        <table className="w-full text-left">
          <TableHead heads={['Source', 'When', 'Start', 'From', '']} />
          <tbody>
            {PRIORS.map((line, i) => (
              <LineRow
                key={`${line.id} ${setting}`}
                line={line}
                first={PRIORS[i - 1]?.source !== line.source}
                setting={setting}
                own={own.findLast((o) => (REPLACED_LINES[o.line] ?? o.line) === line.id && o.setting === setting)}
                saving={saving}
              />
            ))}
          </tbody>
        </table>
      </Wide>
    </section>
  )
}

function LineRow({
  line,
  first,
  setting,
  own,
  saving,
}: {
  readonly line: PriorLine
  /** The first of its source: the others need not say the name again. */
  readonly first: boolean
  readonly setting: Setting
  readonly own: OwnPrior | undefined
  readonly saving: Saving
}) {
  const [editing, setEditing] = useState(false)
  const shipped = setting === 'referred' ? line.referred : line.firstContact
  const written = own && own.p !== null ? own : null
  const [percent, setPercent] = useState(String(Math.round((written?.p ?? shipped.p) * 1000) / 10))
  const [source, setSource] = useState(written?.source ?? '')
  const title = `${sourceOf(line.source).name}: ${line.where}`
  const send = async (p: number | null, from: string) => {
    if (await saving.save((id) => setPrior(id, { line: line.id, setting, p, source: from }))) setEditing(false)
  }
  return (
    <tr className={`align-top ${first ? 'border-t border-hair' : ''}`}>
      <th scope="row" className="w-56 py-2 pr-4 font-normal">
        <span className={first ? '' : 'sr-only'}>{sourceOf(line.source).name}</span>
      </th>
      <td className="w-72 py-2 pr-4">{line.where}</td>
      <td className="figures whitespace-nowrap py-2 pr-4">
        {editing ? (
          <label>
            <span className="sr-only">Start in percent, {title}</span>
            <input
              autoComplete="off"
              value={percent}
              inputMode="decimal"
              onChange={(e) => setPercent(e.target.value)}
              className="min-h-11 w-16 rounded-card border border-edge bg-dust px-2"
            />{' '}
            %
          </label>
        ) : (
          `${Math.round((written?.p ?? shipped.p) * 1000) / 10} %`
        )}
      </td>
      <td className="py-2 pr-4 text-ash">
        {editing ? (
          <label className="block">
            <span className="sr-only">Source of the figure, {title}</span>
            <input
              autoComplete="off"
              value={source}
              onChange={(e) => setSource(e.target.value)}
              placeholder="Where it comes from"
              className="min-h-11 w-full rounded-card border border-edge bg-dust px-2"
            />
          </label>
        ) : written ? (
          `${written.source}, set by ${written.by}`
        ) : (
          `${shipped.assumed ? 'assumed, ' : ''}${shipped.why.replace(/^[:;] /, '')}`
        )}
      </td>
      <td className="whitespace-nowrap text-right">
        {editing ? (
          <>
            <Button onClick={() => void send(Number(percent.replace(',', '.')) / 100, source)}>Save</Button>
            <Button onClick={() => setEditing(false)} look="quiet" className="ml-2">
              Leave
            </Button>
          </>
        ) : (
          <>
            <button type="button" aria-label={`Change ${title}`} onClick={() => setEditing(true)} className="min-h-11 px-2 underline underline-offset-4">
              Change
            </button>
            {written && (
              <Button aria-label={`Restore ${title}`} onClick={() => void send(null, 'given back')} look="quiet" className="ml-2">
                Restore
              </Button>
            )}
          </>
        )}
      </td>
    </tr>
  )
}
