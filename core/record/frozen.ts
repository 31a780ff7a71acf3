import type { Reason } from './reason'
import type { Edition } from '../vocabulary/edition'
import type { Side, TestSide } from '../vocabulary/side'

/** A result as it stood when the examination was signed, with the name the test had then. */
export interface FrozenFinding {
  readonly test: string
  readonly name: string
  readonly side: Side
  readonly about: Side
  readonly variant: string
  readonly run: string
  readonly result: 'positive' | 'negative' | 'inconclusive' | 'not-applicable'
  readonly why: string
  readonly symptom: string | null
  readonly places: readonly string[]
  readonly intensity: number | null
  readonly readings: readonly FrozenReading[]
  /** Joint angles in degrees, where they were measured. */
  readonly onset?: number
  readonly end?: number
  readonly onsetStage: string | null
  /** The result derived from what was observed, where the examiner gave another. */
  readonly derived?: { readonly result: FrozenFinding['result']; readonly why: string }
  readonly checks: readonly string[]
}

/** What a result said about one source. */
export interface FrozenReading {
  readonly source: string
  readonly direction: 'for' | 'against'
  readonly strength: 'quantified' | 'pointer'
  readonly why: string
}

/** Where a cluster rule stood. */
export interface FrozenRule {
  readonly id: string
  readonly name: string
  readonly side: Side
  readonly state: 'met' | 'out-of-reach' | 'open'
  readonly words: string
  readonly positives: number
  readonly needs: number
  readonly open: readonly string[]
  readonly spare: readonly string[]
  readonly asks: readonly string[]
  readonly standing: string
  readonly grade: string | null
  readonly lr: number | null
  readonly pretest: number | null
  readonly postTest: number | null
}

/** How likely a source was, each way of counting beside the others. Probabilities from 0 to 1. */
export interface FrozenEstimate {
  readonly id: string
  readonly name: string
  readonly side: Side
  /** Something that was found moved it; otherwise every figure is only the start, and what was not tested is not known. */
  readonly moved: boolean
  readonly prior: number
  readonly product: number
  readonly model: number
  readonly rule: { readonly id: string; readonly postTest: number; readonly publishedPostTest: number | null } | null
  readonly headline: string
  /** The figure that led; before it was kept, that of the rule where one led, else the model's. */
  readonly estimate?: number
  /** Decided rules said the contrary of what led. */
  readonly disagree?: boolean
  /** Two voices of the evidence contradicted each other, so that no figure led. */
  readonly contradiction?: boolean
  /** 5th and 95th percentile; null when no figure moved it. */
  readonly interval: readonly [number, number] | null
}

/** A finding that pointed to a source without a figure. */
export interface FrozenPointer {
  readonly id: string
  readonly name: string
  readonly side: Side
  readonly from: string
  readonly direction: 'for' | 'against'
  readonly why: string
}

/** The level of a nerve as it was ranked. */
export interface FrozenLevel {
  readonly side: Side
  readonly limb: string
  readonly best: string
  readonly runnerUp: string
  readonly close: boolean
  readonly check: string | null
}

/** A test that was begun, so that nothing performed can vanish with the catalogue. */
export interface FrozenRun {
  readonly run: string
  readonly test: string
  readonly name: string
  readonly side: TestSide
}

/** What became of a sign, as it was read. */
export interface FrozenChange {
  readonly test: string
  readonly name: string
  readonly side: TestSide
  readonly since: 'treatment' | 'last-visit' | 'baseline'
  readonly verdict: 'better' | 'same' | 'worse' | 'not-comparable'
  readonly sentence: string
  readonly alert?: 'became-positive' | 'lost'
}

/** A test that was not done, and why. */
export interface FrozenNotDone {
  readonly test: string
  readonly name: string
  readonly side: TestSide
  readonly as: 'left-out' | 'withheld' | 'open'
  readonly why: string
}

/** Everything that was read when the examination was signed. It is shown, printed and exported from here for ever. */
export interface Frozen {
  readonly edition: Edition
  readonly findings: readonly FrozenFinding[]
  readonly rules: readonly FrozenRule[]
  readonly estimates: readonly FrozenEstimate[]
  readonly pointers: readonly FrozenPointer[]
  readonly levels: readonly FrozenLevel[]
  readonly runs: readonly FrozenRun[]
  /** What stood out, as lists told it; empty where nothing did. Signatures before edition 4 do not hold it. */
  readonly conclusion?: string
  /** What changed; absent where nothing was compared, and in signatures before it could be. */
  readonly changes?: readonly FrozenChange[]
  /** What was not done; absent in signatures before it was kept, which know only what was left out. */
  readonly notDone?: readonly FrozenNotDone[]
  /** The note without the line that names the person: names stay outside the log. */
  readonly note: readonly {
    readonly heading: string
    readonly lines: readonly string[]
    /** What each line rests on, in the order of the lines; absent in signatures before it was kept. */
    readonly from?: readonly (readonly Reason[])[]
    /** The practitioner's own words to this section. */
    readonly own?: string
  }[]
}
