import type { ExamEvent } from '../../record/event'
import type { OwnPriors } from '../../assess'
import type { Clinic } from '../../evidence/knowledge'
import type { Setting } from '../../record/event'
import type { Side } from '../../vocabulary/side'

export const FORMAT = 'dust-lantern-exam'
/** What is written. Version 2 adds episodes, moments and treatments; version 3 letters, summaries, own words to a section and angles from a picture; version 4 the record a signature or paper was made from, and what is told about safety after signing. Older files hold none of them, and are read. */
export const VERSION = 4
export const READ_VERSIONS = [1, 2, 3, 4] as const

/** A whole examination: who, and everything that happened. */
export interface ExamFile {
  readonly format: typeof FORMAT
  readonly version: typeof VERSION
  readonly person: { readonly name: string; readonly born: string | null; readonly work: string }
  readonly exam: {
    readonly id: string
    readonly at: number
    /** The episode it is a visit of, named by its first examination; absent in files of version 1. */
    readonly episode?: { readonly id: string; readonly visit: number }
  }
  readonly facts: { readonly age: number | null }
  readonly priors: OwnPriors
  /** What the clinic knew beside what ships, so that the file gives the figures its screens gave. */
  readonly clinic: Clinic
  readonly events: readonly ExamEvent[]
}

/** One result of a published case, without the observations behind it. */
export interface CaseResult {
  readonly test: string
  readonly side: Side
  readonly result: 'positive' | 'negative' | 'inconclusive'
}

/** A published case to be replayed: results instead of events. */
export interface CaseFile {
  readonly format: typeof FORMAT
  readonly version: typeof VERSION
  readonly facts: { readonly age: number | null }
  readonly priors: OwnPriors
  /** Where the people of the case come from; it decides starting odds that are not given. */
  readonly setting: Setting
  /** Conditions of rules and signs that are no test result, by their name in the rule: "unsteady", "flexion-53". */
  readonly conditions: Readonly<Record<string, boolean>>
  readonly results: readonly CaseResult[]
}

/** What is wrong with a file, and where: a JSON pointer (RFC 6901). */
export interface Issue {
  readonly pointer: string
  readonly what: string
}
