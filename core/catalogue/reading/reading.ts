import type { Table } from './table'
import type { AreaId } from '../../vocabulary/body-area'
import type { Degrees } from '../../vocabulary/degrees'
import type { SourceId } from '../../vocabulary/source'

/** What pain at some place says: it points to (or away from) a source, with its reason. */
export interface PlacePointer {
  readonly at: readonly AreaId[]
  readonly source: SourceId
  readonly because: string
}

/**
 * A test that loads a joint and asks for the patient's own pain at that joint.
 *
 * Positive when the own pain comes on at one of `counts` on the tested side. Own pain elsewhere is
 * kept, does not count, and may point to something else.
 */
export interface Provocation {
  readonly kind: 'provocation'
  readonly source: SourceId
  readonly counts: readonly AreaId[]
  /** Where the counted area is, in words that finish "own pain ...". */
  readonly countsInWords: string
  /** Further readings of own pain by its place, whether it counts or not. */
  readonly pointers: readonly PlacePointer[]
  /** What a plain pull without own pain points to, if anything. */
  readonly stretch?: { readonly source: SourceId; readonly because: string }
  /** Ways of doing it that give the light grade only: quiet, they are inconclusive. */
  readonly lightOnly?: readonly string[]
}

/** A test that tightens a nerve and asks for the patient's own leg symptom, with the angle at which it began. */
export interface Tension {
  readonly kind: 'tension'
  readonly source: SourceId
  /** Own symptom here counts, whatever its quality. */
  readonly counts: readonly AreaId[]
  /** Own symptom here counts only when it shoots, burns, tingles or is numb. */
  readonly countsWhenShooting: readonly AreaId[]
  /** How the two are called in a reason; "below the knee" and "shooting into the leg" when absent. */
  readonly placeInWords?: { readonly counts: string; readonly shooting: string; readonly fails: string }
  /** Angles between which a nerve symptom usually begins; outside them the finding is flagged, not changed. */
  readonly usualOnset: readonly [Degrees, Degrees]
  readonly pointers: readonly PlacePointer[]
  readonly stretch?: { readonly source: SourceId; readonly because: string }
  /** What leaning away while it comes on points to, by where it came on. */
  readonly lean?: readonly PlacePointer[]
  /** What a wholly quiet test points to. */
  readonly quiet?: readonly Pointing[]
  /** A quiet raise that stops late while the other side goes further points to this. */
  readonly lateStop?: { readonly from: Degrees; readonly to: Degrees; readonly freerBy: Degrees; readonly source: SourceId; readonly because: string }
  /** Its own stages let the ankle go and bend it up: what it points to when neither changed it. */
  readonly released?: { readonly otherwise: { readonly source: SourceId; readonly because: string } }
  /** Tests that confirm it, or are confirmed by it, on the same side. */
  readonly confirmedBy?: readonly string[]
  /** Another test of the same movement, which should stop at about the same angle. */
  readonly agreesWith?: { readonly test: string; readonly within: Degrees; readonly quietFrom: Degrees }
}

/** A pointer that needs no place. */
export interface Pointing {
  readonly source: SourceId
  readonly direction: 'for' | 'against'
  readonly because: string
}

/**
 * Slump: tension built up in steps, then one distant part let go.
 *
 * Positive when the own leg symptom came on with the leg and changed when the distant part was let go.
 */
export interface StagedTension {
  readonly kind: 'staged-tension'
  readonly source: SourceId
  readonly counts: readonly AreaId[]
  /** Own pain here alone, changing with the neck, points to neural tissue and feeds no leg rule. */
  readonly back: readonly AreaId[]
  /** The limb, as a reason says it. */
  readonly limb: 'leg' | 'arm'
  /** The measured angle in words, after its estimate; none when absent. */
  readonly angleInWords?: string
  /** What an own symptom points to that no release changed; the stretch's source when absent. */
  readonly unchanged?: { readonly source: SourceId; readonly because: string }
  /** Stages before a limb moves: what comes on there has no side. */
  readonly beforeLeg: readonly string[]
  /** Ways of doing it in which any tingling, numbness, burning or shooting in the leg counts. */
  readonly anyNeural: readonly string[]
  /** Tests that confirm it, or are confirmed by it, on the same side. */
  readonly confirmedBy?: readonly string[]
  /** What is said when its own neck part changed the symptom, and when it did not. */
  readonly conclusion?: { readonly changed: string; readonly same: string }
  /** The joint that is measured, as a comparison of sides says it. */
  readonly joint?: string
  /** Side difference of the measured angle beyond which it is supportive, in degrees. */
  readonly sideLimit: Degrees
  readonly stretch: { readonly source: SourceId; readonly because: string }
}

/** A passive range compared with the other side. */
export interface Range {
  readonly kind: 'range'
  readonly source: SourceId
  /** Share of the other side's range that must be lost, 0 to 1. */
  readonly lost: number
  /** Smallest difference that is not measurement noise (MDC95), in degrees. */
  readonly noise: Degrees
  readonly whenLost: readonly Pointing[]
  readonly pointers: readonly PlacePointer[]
}

/** The well leg is raised: does the other leg's symptom come on? */
export interface Crossed {
  readonly kind: 'crossed'
  readonly source: SourceId
  readonly counts: readonly AreaId[]
}

/** A test that changes one distant part while the symptom is held: does it ease, and does it come back? */
export interface Differentiation {
  readonly kind: 'differentiation'
  readonly source: SourceId
  /** What the symptom comes from when neither change moves it. */
  readonly otherwise: { readonly source: SourceId; readonly because: string }
}

/** Strength, reflexes and feeling of one limb, read against the other side. */
export interface NervesReading {
  readonly kind: 'nerves'
  readonly source: SourceId
  readonly limb: 'arm' | 'leg'
  /** Which source a deficit at each root speaks for; a root that is left out speaks for none. */
  readonly roots: Readonly<Record<string, readonly SourceId[]>>
  /** What has to be seen before it may say that nothing is lost. */
  readonly needs: readonly { readonly stage: string; readonly column: string }[]
}

/** How the answers of a test become a finding. */
export type Reading = NervesReading | Provocation | Tension | StagedTension | Differentiation | Range | Crossed | Table
