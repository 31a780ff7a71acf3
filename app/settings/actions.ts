import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import type { Trial } from './acts'

/** Choose something for this clinic. It is written into the examinations opened from now on. */
export function chooseForClinic(id: string, key: string, value: unknown): Promise<Problem | null> {
  return act('choose-for-clinic', id, key, value)
}

/** Replace a figure of the register, or give the shipped one back. */
export function overrideFigure(id: string, entry: unknown): Promise<Problem | null> {
  return act('override-figure', id, entry)
}

/** Set a pretest probability, or give the line of the table back. */
export function setPrior(id: string, entry: unknown): Promise<Problem | null> {
  return act('set-prior', id, entry)
}

/** Save a version of an own rule, or withdraw it. */
export function saveRule(id: string, rule: unknown, withdrawn: boolean): Promise<Problem | null> {
  return act('save-rule', id, rule, withdrawn)
}

/** Take in a file of own rules: all of them or none. */
export function importRules(ids: readonly string[], text: string): Promise<Problem | null> {
  return act('import-rules', ids, text)
}

/** Run a rule over earlier examinations, without storing anything. */
export function tryRule(rule: unknown): Promise<Trial> {
  return act('try-rule', rule)
}
