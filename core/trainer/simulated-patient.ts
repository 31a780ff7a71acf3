import type { EventContent } from '../record/event'
import type { Symptom } from '../record/run'
import type { FactId } from '../story/facts'
import type { Irritability } from '../story/irritability'
import type { ScreenItemId } from '../story/screen'
import type { Side } from '../vocabulary/side'
import type { CaseRegion, PlayedSource } from './picture'
import type { SeriousId } from './serious'
import type { TrapId } from './trap'

/** A true source of pain: the trainee looks for it, and nobody sees it until they commit. */
export interface HiddenSource {
  readonly source: PlayedSource
  readonly side: Side
  /** Root, segment or nerve; null where a source has none. */
  readonly level: string | null
  /** The complaint it gives. */
  readonly symptom: Symptom['id']
  /**
   * How readily it shows in any test, in standard deviations of such people. All tests of one source share it, so that their answers
   * hang together in the person; the engine reckons their dependence otherwise, from its shrunk ratios.
   */
  readonly expressed: number
}

/** How far healthy tissue of this person goes before it pulls. */
export interface Build {
  /** Straight leg raise at which the hamstrings pull, in degrees, by side. */
  readonly hamstrings: Readonly<Record<Side, number>>
  readonly neckTurn: Readonly<Record<Side, number>>
  /** Turn of the fully bent neck. */
  readonly upperNeckTurn: Readonly<Record<Side, number>>
  readonly hipTurnIn: Readonly<Record<Side, number>>
  readonly lowBackFlexion: number
  readonly lowBackExtension: number
  readonly neckFlexion: number
  readonly neckExtension: number
  readonly neckSideBend: number
}

/** Somebody who answers like a person: the truth behind a case. */
export interface SimulatedPatient {
  /** What names it: "neck 14", or the code of a written case. The same name is the same person on every machine. */
  readonly case: string
  readonly region: CaseRegion
  readonly ageYears: number
  readonly sources: readonly HiddenSource[]
  /** Something to refer at once, whatever else hurts; null where there is nothing. */
  readonly serious: SeriousId | null
  /** The complaints, as a careful examiner would write them down. */
  readonly symptoms: readonly Symptom[]
  /** How it began, in their words. */
  readonly began: string
  /** True answers to every question of the safety screen. */
  readonly screen: Readonly<Record<ScreenItemId, 'yes' | 'no'>>
  readonly facts: Readonly<Record<FactId, 'yes' | 'no'>>
  readonly irritability: Exclude<Irritability, 'unknown'>
  /** How sore pressing and stretching are for them as such, in standard deviations of people. */
  readonly sensitivity: number
  /** Agrees with what is put into their mouth. */
  readonly suggestible: boolean
  readonly manner: 'terse' | 'plain' | 'talkative'
  readonly build: Build
  readonly traps: readonly TrapId[]
}

/** What a careful examiner would have on the record before any test: the whole story and the whole screen. */
export function trueStory({ symptoms, screen, facts }: Pick<SimulatedPatient, 'symptoms' | 'screen' | 'facts'>): readonly EventContent[] {
  return [
    ...symptoms.map((symptom) => {
      const { id, ...told } = symptom
      return { type: 'symptom-described' as const, symptom: id, ...told }
    }),
    ...Object.entries(facts).map(([fact, answer]) => ({ type: 'fact-told' as const, fact, answer })),
    ...Object.entries(screen).map(([item, answer]) => ({ type: 'screen-answered' as const, item, answer })),
  ]
}

/** Does this source truly hurt them, on this side? */
export function hasSource(patient: Pick<SimulatedPatient, 'sources'>, source: string, side?: Side): HiddenSource | undefined {
  return patient.sources.find((s) => s.source === source && (side === undefined || s.side === side))
}
