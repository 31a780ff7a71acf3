import type { BodyArea } from '../vocabulary/body-area'

/** A question of the history that some test, pointer or rule reads. */
export interface Fact {
  readonly id: string
  readonly ask: string
  /** What reads it, so that nothing is asked for nothing. */
  readonly usedBy: string
  /** Asked when the complaint lies in one of these zones; for everyone when empty. */
  readonly zones: readonly BodyArea['zone'][]
}

/** Questions of the history, each asked only where something reads its answer. */
export const FACTS: readonly Fact[] = [
  { id: 'hand-on-head', ask: 'Do you rest or sleep with the hand on top of the head to ease it?', usedBy: 'pointer to a neck root', zones: ['arm'] },
  { id: 'lying-eases', ask: 'Does lying down ease it?', usedBy: 'lumbar facet rule', zones: ['low-back'] },
  { id: 'cough-worse', ask: 'Does coughing make it worse?', usedBy: 'lumbar facet rule', zones: ['low-back', 'thigh', 'below-knee'] },
  { id: 'bending-worse', ask: 'Does bending forward make it worse?', usedBy: 'lumbar facet rule', zones: ['low-back'] },
  { id: 'rising-worse', ask: 'Does coming up from bending make it worse?', usedBy: 'lumbar facet rule', zones: ['low-back'] },
  { id: 'walking-best', ask: 'Is walking best?', usedBy: 'lumbar facet rule, newer', zones: ['low-back'] },
  { id: 'sitting-best', ask: 'Is sitting best?', usedBy: 'lumbar facet rule, newer', zones: ['low-back'] },
  { id: 'beside-spine', ask: 'Did it begin beside the spine rather than on it?', usedBy: 'lumbar facet rule, newer', zones: ['low-back'] },
  { id: 'one-finger', ask: 'Can you show the spot with one finger?', usedBy: 'posterior pelvic ligament score', zones: ['pelvis'] },
  { id: 'sitting-hurts', ask: 'Does sitting on a chair bring it on?', usedBy: 'posterior pelvic ligament score', zones: ['pelvis'] },
]
