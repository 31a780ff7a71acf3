import type { Side } from '../../vocabulary/side'
import type { FactId } from '../../story/facts'
import type { ScreenItemId } from '../../story/screen'
import type { CaseRegion, PlayedSource } from '../picture'
import type { SeriousId } from '../serious'
import type { TrapId } from '../trap'

export const CASE_FORMAT = 'dust-lantern-practice-case'
export const CASE_VERSION = 1

/** A case that a teacher wrote: what is given stands, what is left out is drawn. */
export interface CaseFile {
  readonly format: typeof CASE_FORMAT
  readonly version: typeof CASE_VERSION
  /** As it stands in lists; the trainee sees the code of the case and not this. */
  readonly title: string
  readonly region: CaseRegion
  /** Two different seeds make two people of one case. */
  readonly seed: string
  readonly sources: readonly { readonly source: PlayedSource; readonly side: Side; readonly level: string | null }[]
  readonly serious: SeriousId | null
  readonly traps: readonly TrapId[]
  readonly irritability: 'low' | 'moderate' | 'high'
  /** How sore pressing and stretching are for them, in standard deviations of people: -2 to 3. */
  readonly sensitivity: number
  readonly suggestible: boolean
  readonly manner: 'terse' | 'plain' | 'talkative'
  readonly ageYears: number | null
  /** What they say first, in their words; drawn where it is empty. */
  readonly words: string
  readonly began: string
  /** Questions of the safety screen they answer with yes beside what the case brings by itself, and those they answer with no all the same. */
  readonly yes: readonly ScreenItemId[]
  readonly no: readonly ScreenItemId[]
  readonly facts: Readonly<Partial<Record<FactId, 'yes' | 'no'>>>
  /** What the trainee is told after the case. */
  readonly teaches: string
}

/** An empty case of a region, to begin with. */
export function emptyCase(region: CaseRegion, seed: string): CaseFile {
  return {
    format: CASE_FORMAT,
    version: CASE_VERSION,
    title: '',
    region,
    seed,
    sources: [],
    serious: null,
    traps: [],
    irritability: 'low',
    sensitivity: 0,
    suggestible: false,
    manner: 'plain',
    ageYears: null,
    words: '',
    began: '',
    yes: [],
    no: [],
    facts: {},
    teaches: '',
  }
}
