'use client'

import { useState } from 'react'
import { type RuleDraft, ruleOfDraft } from '@/core/clusters/draft'
import { SOURCES, type SourceId } from '@/core/vocabulary/source'
import { saveRule } from '../actions'
import { SavedNote } from '../saved-note'
import { useSaving } from '../use-saving'
import { ItemsEditor } from './items-editor'
import { RuleTrial } from './rule-trial'
import { Button } from '@/ui/button'

const FIELD = 'block min-h-11 rounded-card border border-edge bg-dust px-2 text-base'

/** Write or change one rule: what it asks, how many, what it is worth and where that comes from. */
export function RuleEditor({ start, onDone }: { readonly start: RuleDraft; readonly onDone: () => void }) {
  const saving = useSaving()
  const [draft, setDraft] = useState(start)
  const change = (part: Partial<RuleDraft>) => setDraft({ ...draft, ...part })
  const number = (text: string) => (text.trim() === '' ? null : Number(text.replace(',', '.')))
  return (
    <form
      aria-label="Rule"
      className="mt-5 rounded-card border border-hair bg-sheet px-5 py-4"
      onSubmit={(e) => {
        e.preventDefault()
        void saving.save((id) => saveRule(id, ruleOfDraft(draft), false)).then((ok) => ok && onDone())
      }}
    >
      <div className="flex flex-wrap gap-4">
        <label className="text-sm">
          Name
          <input autoComplete="off" value={draft.name} onChange={(e) => change({ name: e.target.value })} className={`${FIELD} w-72`} />
        </label>
        <label className="text-sm">
          Speaks for
          <select value={draft.source} onChange={(e) => change({ source: e.target.value as SourceId })} className={FIELD}>
            {Object.entries(SOURCES).map(([id, source]) => (
              <option key={id} value={id}>
                {source.name}
              </option>
            ))}
          </select>
        </label>
        <label className="text-sm">
          Counts
          <select value={draft.counting} onChange={(e) => change({ counting: e.target.value === 'points' ? 'points' : 'conditions' })} className={FIELD}>
            <option value="conditions">conditions</option>
            <option value="points">points</option>
          </select>
        </label>
        <label className="text-sm">
          {draft.counting === 'points' ? 'Points needed' : 'Conditions needed'}
          <input
            autoComplete="off"
            type="number"
            min={1}
            value={draft.threshold}
            onChange={(e) => change({ threshold: Number(e.target.value) })}
            className={`${FIELD} w-28`}
          />
        </label>
      </div>
      <ItemsEditor draft={draft} onChange={(items) => change({ items })} />
      <fieldset className="mt-4 flex flex-wrap gap-4">
        <legend className="font-semibold">What it is worth</legend>
        <Figure name="LR when met" value={draft.lrPositive} onChange={(t) => change({ lrPositive: number(t) })} />
        <Figure name="LR when not met" value={draft.lrNegative} onChange={(t) => change({ lrNegative: number(t) })} />
        <Figure name="People" value={draft.n} onChange={(t) => change({ n: number(t) })} />
        <label className="min-w-64 flex-1 text-sm">
          Where the figure comes from
          <input autoComplete="off" value={draft.figureSource} onChange={(e) => change({ figureSource: e.target.value })} className={`${FIELD} w-full`} />
        </label>
      </fieldset>
      <label className="mt-4 block text-sm">
        Note
        <input autoComplete="off" value={draft.note} onChange={(e) => change({ note: e.target.value })} className={`${FIELD} w-full`} />
      </label>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <Button type="submit" look="main">
          Save rule
        </Button>
        <Button onClick={onDone} look="quiet">
          Leave without saving
        </Button>
        <SavedNote saving={saving} />
      </div>
      <RuleTrial draft={draft} />
    </form>
  )
}

function Figure({ name, value, onChange }: { readonly name: string; readonly value: number | null; readonly onChange: (text: string) => void }) {
  return (
    <label className="text-sm">
      {name}
      <input autoComplete="off" defaultValue={value ?? ''} inputMode="decimal" onChange={(e) => onChange(e.target.value)} className={`${FIELD} w-28`} />
    </label>
  )
}
