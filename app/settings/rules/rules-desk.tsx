'use client'

import { useState } from 'react'
import { v7 } from 'uuid'
import { draftOfRule, emptyDraft, type RuleDraft } from '@/core/clusters/draft'
import type { OwnRule } from '@/core/clusters/own-rule'
import { toRuleFile } from '@/core/exchange/rule-file/to'
import { sourceOf } from '@/core/vocabulary/source'
import { importRules, saveRule } from '../actions'
import { SavedNote } from '../saved-note'
import { useSaving } from '../use-saving'
import { RuleEditor } from './rule-editor'
import { Button } from '@/ui/button'

/** The list of own rules, the one being written, and rules in and out as a file. */
export function RulesDesk({ rules }: { readonly rules: readonly OwnRule[] }) {
  const saving = useSaving()
  const [draft, setDraft] = useState<RuleDraft | null>(null)
  const fresh = () => setDraft(emptyDraft(`own-${v7().slice(-8)}`))
  return (
    <>
      <ul className="mt-5 space-y-2">
        {rules.map((rule) => (
          <RuleLine key={rule.id} rule={rule} onEdit={setDraft} onWithdraw={() => void saving.save((id) => saveRule(id, contentOf(rule), true))} />
        ))}
        {rules.length === 0 && (
          <li className="max-w-3xl rounded-card border border-dashed border-hair px-5 py-4 text-ash">
            No own rule yet. New rule builds one from tests and says what it would have said of earlier examinations, before it counts; Import JSON takes in the
            rules of another clinic.
          </li>
        )}
      </ul>
      <div className="mt-4 flex flex-wrap items-center gap-4">
        {!draft && (
          <Button onClick={fresh} look="main">
            New rule
          </Button>
        )}
        {rules.length > 0 && (
          <a
            download="own-rules.json"
            href={`data:application/json;charset=utf-8,${encodeURIComponent(`${JSON.stringify(toRuleFile(rules), null, 2)}\n`)}`}
            className="flex min-h-11 items-center px-2 underline underline-offset-4"
          >
            Export all as JSON
          </a>
        )}
        <label className="flex min-h-11 cursor-pointer items-center rounded-card border border-ash px-4 has-disabled:cursor-default has-disabled:opacity-50 focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-lantern">
          Import JSON
          <input
            type="file"
            className="sr-only"
            accept="application/json,.json"
            onChange={(e) => {
              const field = e.currentTarget
              const file = field.files?.[0]
              if (!file) return
              void file.text().then(async (text) => {
                await saving.save(() =>
                  importRules(
                    Array.from({ length: 200 }, () => v7()),
                    text,
                  ),
                )
                field.value = ''
              })
            }}
          />
        </label>
        <SavedNote saving={saving} />
      </div>
      {draft && <RuleEditor key={draft.id} start={draft} onDone={() => setDraft(null)} />}
    </>
  )
}

function contentOf({ id, name, source, holds, figure, note }: OwnRule) {
  return { id, name, source, holds, figure, note }
}

function RuleLine({ rule, onEdit, onWithdraw }: { readonly rule: OwnRule; readonly onEdit: (draft: RuleDraft) => void; readonly onWithdraw: () => void }) {
  const draft = draftOfRule(rule)
  const conditions = rule.holds.of.length
  const threshold = rule.holds.kind === 'weighted' ? `${rule.holds.points} points` : `${rule.holds.k} of ${conditions}`
  return (
    <li className="flex flex-wrap items-baseline gap-x-4 rounded-card border border-hair bg-sheet px-4 py-2">
      <strong>{rule.name}</strong>
      <span>{sourceOf(rule.source).name}</span>
      <span className="text-ash">
        {threshold}; {rule.figure ? rule.figure.source : 'no figure: points only'}; by {rule.by}
      </span>
      <span className="ml-auto">
        {draft ? (
          <Button aria-label={`Change ${rule.name}`} onClick={() => onEdit(draft)} look="quiet">
            Change
          </Button>
        ) : (
          <span className="text-ash">nested: change it in its file</span>
        )}
        <Button aria-label={`Withdraw ${rule.name}`} onClick={onWithdraw} look="quiet" className="ml-2">
          Withdraw
        </Button>
      </span>
    </li>
  )
}
