import type { Stage } from '../../catalogue/exam-test'
import type { Answer } from '../../record/answer'
import { cellsOf } from '../../record/outline'
import { SIDES, type Side, type TestSide } from '../../vocabulary/side'
import { type Chance, chanceOf } from '../chance'
import { readinessOf } from '../mechanics/readiness'
import type { Doing } from '../mechanics/strain'
import type { PlayedSource } from '../picture'
import { hasSource, type SimulatedPatient } from '../simulated-patient'

/** What is asked of an observer: who, what is done, and chance of its own. */
export interface Look {
  readonly patient: SimulatedPatient
  readonly doing: Doing
  readonly stage: Stage
  readonly side: TestSide
  readonly chance: Chance
  /** Does this source show in this test, on that side where one is asked for? */
  readonly shows: (source: PlayedSource, side?: Side) => boolean
  /** Do they have it at all? */
  readonly has: (source: PlayedSource, side?: Side) => boolean
}

/** What is there to see, feel, measure or hear at a stage. */
export interface Seen {
  readonly answer: Answer
  /** What the patient says, where it is them who tell it. */
  readonly words?: string
  /** What the hands or eyes find. */
  readonly hands?: string
  readonly why: string
}

/** Finds what there is at one stage of one test; null at stages that belong to another observer. */
export type Observer = (look: Look) => Seen | null

/** A look at this person at this step. */
export function lookOf(patient: SimulatedPatient, doing: Doing): Look {
  const { test, side, variant, step } = doing
  return {
    patient,
    doing,
    stage: step.stage,
    side,
    chance: chanceOf(`${patient.case} ${test.id} ${side} ${step.stage.id} seen`),
    shows: (source, on) => {
      const found = hasSource(patient, source, on)
      return found !== undefined && readinessOf(patient, found, test, side === 'none' ? found.side : side, variant) > 0
    },
    has: (source, on) => hasSource(patient, source, on) !== undefined,
  }
}

/** One of the few things of an observed stage. */
export function chose(choice: string, hands: string, why: string): Seen {
  return { answer: { said: 'observed', choice }, hands, why }
}

/** One of the few things, told by the patient. */
export function told(choice: string, words: string, why: string): Seen {
  return { answer: { said: 'observed', choice }, words, why }
}

/** A whole table: the usual in every cell but those that are given. */
export function table({ grid }: Pick<Stage, 'grid'>, found: Readonly<Record<string, string>>, hands: string, why: string): Seen {
  const usual = (grid ? cellsOf(grid) : []).flatMap(({ id, column }) => (column.number ? [] : [[id, column.usual ?? column.values[0]?.id ?? ''] as const]))
  return { answer: { said: 'grid', cells: { ...Object.fromEntries(usual), ...found } }, hands, why }
}

/** The sides a test speaks of: its own, or both. */
export function sidesAsked(side: TestSide): readonly Side[] {
  return side === 'none' ? SIDES : [side]
}

/** Nothing out of the ordinary, at any kind of stage. */
export function usual(stage: Stage): Seen {
  const why = 'Nothing that hides in this person shows here.'
  switch (stage.kind) {
    case 'relief':
      return { answer: { said: 'unchanged' }, words: 'The same.', why }
    case 'observe':
      return chose(stage.choices?.[0]?.id ?? '', 'Nothing out of the ordinary.', why)
    case 'measure':
      return {
        answer: { said: 'measured', trials: [stage.angle ? Math.round((stage.angle.usual[0] + 3 * stage.angle.usual[1]) / 4) : 0] },
        hands: 'The usual range.',
        why,
      }
    case 'grid':
      return table(stage, {}, 'Nothing out of the ordinary.', why)
    case 'load':
    case 'release':
    case 'return':
      return { answer: { said: 'nothing' }, why }
  }
}
