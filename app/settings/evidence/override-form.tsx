'use client'

import { useState } from 'react'
import type { Accuracy } from '@/core/evidence/accuracy'
import type { OwnFigures } from '@/core/evidence/override'
import { overrideFigure } from '../actions'
import { SavedNote } from '../saved-note'
import { useSaving } from '../use-saving'
import { Button } from '@/ui/button'

const FIELDS = [
  { id: 'sens', name: 'Sensitivity, 0 to 1' },
  { id: 'spec', name: 'Specificity, 0 to 1' },
  { id: 'lrPositive', name: 'LR+' },
  { id: 'lrNegative', name: 'LR−' },
  { id: 'n', name: 'People' },
] as const satisfies readonly { readonly id: keyof OwnFigures; readonly name: string }[]

/** Figures of the clinic's own for one row: with a source, without guessing what is left empty. */
export function OverrideForm({ row, onDone }: { readonly row: Accuracy; readonly onDone: () => void }) {
  const saving = useSaving()
  const [values, setValues] = useState<Readonly<Record<string, string>>>({
    sens: row.sens ? String(row.sens.value) : '',
    spec: row.spec ? String(row.spec.value) : '',
    lrPositive: row.lrPositive ? String(row.lrPositive.value) : '',
    lrNegative: row.lrNegative ? String(row.lrNegative.value) : '',
    n: row.from.n === null ? '' : String(row.from.n),
  })
  const [source, setSource] = useState('')
  const send = async (figures: OwnFigures | null, from: string) => {
    if (await saving.save((id) => overrideFigure(id, { row: row.id, figures, source: from }))) onDone()
  }
  return (
    <form
      aria-label={`Own accuracy for ${row.id}`}
      className="flex flex-wrap items-end gap-4 rounded-card border border-hair bg-sheet px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault()
        const figure = (id: string) => (values[id]?.trim() ? Number(values[id].replace(',', '.')) : null)
        void send({ sens: figure('sens'), spec: figure('spec'), lrPositive: figure('lrPositive'), lrNegative: figure('lrNegative'), n: figure('n') }, source)
      }}
    >
      {FIELDS.map(({ id, name }) => (
        <label key={id} className="block text-sm">
          {name}
          <input
            autoComplete="off"
            value={values[id] ?? ''}
            inputMode="decimal"
            onChange={(e) => setValues({ ...values, [id]: e.target.value })}
            className="block min-h-11 w-28 rounded-card border border-edge bg-dust px-2 text-base"
          />
        </label>
      ))}
      <label className="block min-w-64 flex-1 text-sm">
        Where the figure comes from
        <input
          autoComplete="off"
          value={source}
          onChange={(e) => setSource(e.target.value)}
          className="block min-h-11 w-full rounded-card border border-edge bg-dust px-2 text-base"
        />
      </label>
      <Button type="submit" look="main">
        Save
      </Button>
      {row.own && (
        <Button onClick={() => void send(null, 'given back')} look="quiet">
          Restore the published accuracy
        </Button>
      )}
      <Button onClick={onDone} look="quiet">
        Leave
      </Button>
      <SavedNote saving={saving} />
    </form>
  )
}
