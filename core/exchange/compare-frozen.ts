import { nameOfTest } from '../catalogue/retired'
import type { Frozen } from '../record/frozen'
import { RESULT_WORDS } from '../findings/finding'

/** One place where what was sent to be signed is not what the record gives. */
export interface Difference {
  /** The part: "finding", "estimate", "note" … */
  readonly part: keyof Frozen
  readonly words: string
}

/** Differences that are named; more are counted. */
export const MOST_DIFFERENCES = 12

/** Two figures that differ by less are the same: engines round the last digit of a logarithm differently. */
const TOLERANCE = 1e-9

interface CompareWith {
  /** Draws of the intervals take seconds; a claim that came in a file is compared without them. */
  readonly intervals?: boolean
}

/**
 * What differs between a frozen reading that was sent and the one the record gives.
 *
 * @returns none when they are the same, figures within 1e-9
 */
export function differencesOf(sent: Frozen, ours: Frozen, { intervals = true }: CompareWith = {}): readonly Difference[] {
  const found: Difference[] = []
  for (const part of PARTS) {
    const [theirs, own] = [prepared(sent[part], intervals), prepared(ours[part], intervals)]
    if (same(theirs, own)) continue
    if (!Array.isArray(theirs) || !Array.isArray(own)) {
      found.push({ part, words: `${NAMES[part]}: sent as ${brief(theirs)}; the record gives ${brief(own)}.` })
      continue
    }
    const [a, b]: readonly [readonly unknown[], readonly unknown[]] = [theirs, own]
    for (let i = 0; i < Math.max(a.length, b.length); i++) {
      if (!same(a[i], b[i])) found.push({ part, words: itemWords(part, a[i], b[i]) })
    }
  }
  return found
}

const NAMES = {
  edition: 'Edition',
  findings: 'Result',
  rules: 'Rule',
  estimates: 'Estimate',
  pointers: 'Pointer',
  levels: 'Level',
  runs: 'Test performed',
  conclusion: 'Conclusion',
  changes: 'Change',
  notDone: 'Test not done',
  note: 'Note',
} as const satisfies Readonly<Record<keyof Frozen, string>>
const PARTS = Object.keys(NAMES) as readonly (keyof Frozen)[]

/** What an absent part is, and what is left aside. */
function prepared(value: unknown, intervals: boolean): unknown {
  if (intervals || !Array.isArray(value)) return value
  return value.map((item: unknown) => (typeof item === 'object' && item !== null && 'interval' in item ? { ...item, interval: null } : item))
}

function same(a: unknown, b: unknown): boolean {
  if (typeof a === 'number' && typeof b === 'number') return a === b || Math.abs(a - b) <= TOLERANCE * Math.max(1, Math.abs(a), Math.abs(b))
  if (Array.isArray(a) || Array.isArray(b)) return Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((item, i) => same(item, b[i]))
  if (typeof a === 'object' && typeof b === 'object' && a !== null && b !== null) {
    const [left, right] = [a as Readonly<Record<string, unknown>>, b as Readonly<Record<string, unknown>>]
    const keys = new Set([...Object.keys(left), ...Object.keys(right)])
    return [...keys].every((key) => same(left[key], right[key]))
  }
  return a === b
}

function itemWords(part: keyof Frozen, sent: unknown, ours: unknown): string {
  const what = subject(ours) ?? subject(sent)
  const name = `${NAMES[part]}${what === null ? '' : ` “${what}”`}`
  if (sent === undefined) return `${name} is in the record and not in what was sent.`
  if (ours === undefined) return `${name} was sent and is not in the record.`
  const [field, a, b] = firstDifference(sent, ours)
  return `${name}${field === '' ? '' : `, ${field}`}: sent as ${brief(a)}; the record gives ${brief(b)}.`
}

function subject(item: unknown): string | null {
  if (typeof item !== 'object' || item === null) return null
  const of = item as Readonly<Record<string, unknown>>
  const name = typeof of.heading === 'string' ? of.heading : typeof of.name === 'string' ? of.name : typeof of.test === 'string' ? nameOfTest(of.test) : null
  const side = typeof of.side === 'string' && of.side !== 'none' ? `, ${of.side}` : ''
  return name === null ? null : `${name}${side}`
}

/** The first field in which two things differ, down to the value itself. */
function firstDifference(a: unknown, b: unknown, path = ''): readonly [string, unknown, unknown] {
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return [path, a, b]
  const [left, right] = [a as Readonly<Record<string, unknown>>, b as Readonly<Record<string, unknown>>]
  for (const key of new Set([...Object.keys(right), ...Object.keys(left)])) {
    if (!same(left[key], right[key])) return firstDifference(left[key], right[key], Array.isArray(a) ? path : key)
  }
  return [path, a, b]
}

const BRIEF = 160

function brief(value: unknown): string {
  if (value === undefined || value === null) return 'nothing'
  if (typeof value === 'number') return String(Math.round(value * 1000) / 1000)
  if (typeof value === 'string' && Object.hasOwn(RESULT_WORDS, value)) return RESULT_WORDS[value as keyof typeof RESULT_WORDS]
  const text = typeof value === 'string' ? value : JSON.stringify(value)
  return `“${text.length > BRIEF ? `${text.slice(0, BRIEF)}…` : text}”`
}
