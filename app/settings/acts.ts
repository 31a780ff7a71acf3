import 'server-only'
import * as yup from 'yup'
import { assess, sidesInQuestion } from '@/core/assess'
import { type OwnRule, ownCluster } from '@/core/clusters/own-rule'
import { ruleVerdict } from '@/core/clusters/verdict'
import { entryIssues, OVERRIDE, OWN_PRIOR } from '@/core/exchange/clinic/entries'
import { HOUSE, isHouseKey } from '@/core/exchange/clinic/house'
import type { Issue } from '@/core/exchange/exam-file/file'
import { readRuleFile, ruleIssues } from '@/core/exchange/rule-file/from'
import type { TravellingRule } from '@/core/exchange/rule-file/file'
import type { Override } from '@/core/evidence/override'
import type { OwnPrior } from '@/core/evidence/prior'
import type { Problem } from '@/core/vocabulary/problem'
import type { Side } from '@/core/vocabulary/side'
import { db } from '@/db'
import { type Written, writeOverride, writePrior, writeRule, writeSetting } from '@/db/queries/clinic'
import { countExams, examHeads } from '@/db/queries/exams'
import { recordOf } from '@/db/queries/ledger'
import { action } from '@/server/action'
import type { Who } from '@/server/who'

const ID = yup
  .string()
  .strict()
  .required()
  .matches(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)

/** Who writes an entry and when; the id was made in the browser, so that sending twice writes once. */
function stamped(who: Who, id: unknown): Written | null {
  return ID.isValidSync(id) ? { id, by: who.name, at: Date.now() } : null
}

const KEPT = 'What was chosen before still counts; what you typed is still here.'
const strange: Problem = { what: 'This could not be read.', kept: KEPT, do: 'Reload the page and choose again.' }

function refused(issues: readonly Issue[]): Problem {
  return {
    what: `This cannot be stored: ${issues.map(({ pointer, what }) => `${pointer.slice(1) || 'it'} ${what}`).join('; ')}.`,
    kept: KEPT,
    do: 'Correct it and save again.',
  }
}

/** Choose something for this clinic. It is written into the examinations opened from now on. */
export const chooseForClinic = action((who: Who, id: unknown, key: unknown, value: unknown): Problem | null => {
  const written = stamped(who, id)
  if (!written || !isHouseKey(key)) return strange
  const schema: yup.Schema = HOUSE[key]
  if (!schema.isValidSync(value, { strict: true })) return strange
  // Checked just above against the schema of this key.
  writeSetting(db(), written, key, value as never)
  return null
})

/** Stores what fits its schema, and says what is wrong with anything else. */
function storeEntry(who: Who, id: unknown, issues: readonly Issue[], write: (written: Written) => void): Problem | null {
  const written = stamped(who, id)
  if (!written) return strange
  if (issues.length > 0) return refused(issues)
  write(written)
  return null
}

/** Replace a figure of the register, or give the shipped one back. */
export const overrideFigure = action((who: Who, id: unknown, entry: unknown): Problem | null => {
  return storeEntry(who, id, entryIssues(OVERRIDE, entry), (written) => writeOverride(db(), written, entry as Omit<Override, 'by' | 'at'>))
})

/** Set a starting probability, or give the line of the table back. */
export const setPrior = action((who: Who, id: unknown, entry: unknown): Problem | null => {
  return storeEntry(who, id, entryIssues(OWN_PRIOR, entry), (written) => writePrior(db(), written, entry as Omit<OwnPrior, 'by' | 'at'>))
})

/** Save a version of an own rule, or withdraw it; earlier versions stay for the examinations signed under them. */
export const saveRule = action((who: Who, id: unknown, rule: unknown, withdrawn: unknown): Problem | null => {
  if (typeof withdrawn !== 'boolean') return strange
  return storeEntry(who, id, ruleIssues(rule), (written) => writeRule(db(), written, { ...(rule as TravellingRule), withdrawn }))
})

/** Take in a file of own rules: all of them or none. A rule of the same id becomes its next version. */
export const importRules = action((who: Who, ids: unknown, text: unknown): Problem | null => {
  if (typeof text !== 'string' || !Array.isArray(ids)) return strange
  let parsed: unknown
  try {
    parsed = JSON.parse(text)
  } catch {
    return { what: 'This file is not JSON.', kept: KEPT, do: 'Choose a file that was exported as own rules.' }
  }
  const read = readRuleFile(parsed)
  if (!read.ok) return refused(read.issues)
  const entries = read.rules.flatMap((rule, i) => {
    const written = stamped(who, ids[i])
    return written ? [{ rule, written }] : []
  })
  if (entries.length < read.rules.length) return strange
  db().transaction(() => {
    for (const { rule, written } of entries) writeRule(db(), written, { ...rule, withdrawn: false })
  })
  return null
})

/** What a rule would have said of one earlier examination. */
export interface TrialLine {
  readonly examId: string
  readonly name: string
  readonly at: number
  readonly side: Side
  readonly words: string
  readonly met: boolean
}

/** What came of trying a rule. */
export type Trial =
  | {
      readonly ok: true
      readonly lines: readonly TrialLine[] /** Examinations there are, and that were looked at. */
      readonly of: number
      readonly lookedAt: number
    }
  | { readonly ok: false; readonly problem: Problem }

/** So many of the newest examinations a rule is tried on: the rest would keep everybody waiting. */
const TRIED_ON = 500

/** Run a rule over the newest earlier examinations, without storing anything. */
export const tryRule = action((who: Who, rule: unknown): Trial => {
  const issues = ruleIssues(rule)
  if (issues.length > 0) return { ok: false, problem: refused(issues) }
  const own: OwnRule = { ...(rule as TravellingRule), withdrawn: false, by: who.name, at: 0 }
  const cluster = ownCluster(own)
  const heads = examHeads(db(), TRIED_ON)
  const lines = heads.flatMap((head) => {
    const { exam } = recordOf(db(), head.id)
    if (!exam || exam.runs.length === 0) return []
    const { findings } = assess(exam)
    return sidesInQuestion(exam, findings).map((side): TrialLine => {
      const verdict = ruleVerdict(cluster, side, { exam, findings })
      return { examId: head.id, name: head.person.name, at: head.at, side, words: verdict.words, met: verdict.state === 'met' }
    })
  })
  return { ok: true, lines, of: countExams(db()), lookedAt: heads.length }
})
