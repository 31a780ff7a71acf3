import type { BodyArea } from '../vocabulary/body-area'
import type { SourceId } from '../vocabulary/source'

/** A question of the history whose answer points somewhere. What nothing reads is not asked. */
export interface Fact {
  readonly id: FactId
  readonly ask: string
  /** The answer that points, where to, and why; the other answer says nothing. */
  readonly points: { readonly on: 'yes' | 'no'; readonly source: SourceId; readonly because: string }
  /** Asked when the complaint lies in one of these zones. */
  readonly zones: readonly BodyArea['zone'][]
}

const OLDER = 'an item of the older lumbar facet rule, which later studies did not confirm'
const NEWER = 'an item of the newer lumbar facet rule, which later studies did not confirm'
const SCORE = 'an item of the posterior SI ligament score, 9 points'

const facet = <const Id extends string>(id: Id, ask: string, on: 'yes' | 'no', because: string) => ({
  id,
  ask,
  points: { on, source: 'facet-lumbar' as const, because: `“${ask}” ${on}: ${because}` },
  zones: ['low-back' as const],
})

const QUESTIONS = [
  {
    id: 'hand-on-head',
    ask: 'Do you rest or sleep with the hand on top of the head to ease it?',
    points: { on: 'yes', source: 'root-cervical', because: 'eases with the hand on top of the head, as the story tells' },
    zones: ['arm'],
  },
  facet('lying-eases', 'Does lying down ease it?', 'yes', OLDER),
  facet('cough-worse', 'Does coughing make it worse?', 'no', OLDER),
  facet('bending-worse', 'Does bending forward make it worse?', 'no', OLDER),
  facet('rising-worse', 'Does coming up from bending make it worse?', 'no', OLDER),
  facet('walking-best', 'Is walking best?', 'yes', NEWER),
  facet('sitting-best', 'Is sitting best?', 'yes', NEWER),
  facet('beside-spine', 'Did it begin beside the spine rather than on it?', 'yes', NEWER),
  {
    id: 'one-finger',
    ask: 'Can you show the spot with one finger?',
    points: { on: 'yes', source: 'sij-ligament', because: `shows the spot with one finger: ${SCORE}` },
    zones: ['pelvis'],
  },
  {
    id: 'sitting-hurts',
    ask: 'Does sitting on a chair bring it on?',
    points: { on: 'yes', source: 'sij-ligament', because: `sitting on a chair brings it on: ${SCORE}` },
    zones: ['pelvis'],
  },
] as const

/** The id of a question of the history. */
export type FactId = (typeof QUESTIONS)[number]['id']

/** Questions of the history, each asked only where its answer points somewhere. */
export const FACTS: readonly Fact[] = QUESTIONS
