import { ASK, defineTest, LOWER } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { on } from '../load'

/** Passive hip internal rotation at 90° of flexion, compared side with side. */
export const hipInternalRotation = defineTest({
  id: 'hip-internal-rotation',
  name: 'Hip internal rotation, passive',
  short: 'hip IR',
  alsoCalled: ['Hip turned in', 'Passive hip internal rotation', 'Hip medial rotation'],
  region: 'leg',
  plannedFor: LOWER,
  purpose: 'Measures how far the hip turns in; loss against the other side suggests sacroiliac hypomobility or the hip joint.',
  plain: 'turned your {side} hip inwards',
  structures: ['hip joint', 'sacroiliac joint', 'deep rotators of the hip'],
  posture: 'supine',
  phase: 'hip',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 1,
  loads: [on('hip', 'rotation', 'moderate'), on('leg', 'movement', 'light')],
  variants: [{ id: 'first-barrier', name: 'To the first barrier, before the pelvis lifts' }],
  stages: [
    {
      id: 'turn',
      kind: 'load',
      label: 'Turn the hip in',
      do: '{side} hip and knee at 90°, knee kept over the hip. Swing the foot out; stop before the pelvis lifts.',
      ask: ASK,
      holdSeconds: 0,
      angle: { joint: 'hip internal rotation', min: 0, max: 80, usual: [5, 55] },
      pose: {
        ...ON_THE_BACK,
        near: { hip: 90, knee: 90, ankle: 0 },
        contacts: [
          { on: 'near-thigh', along: 0.95, off: 3, from: 120 },
          { on: 'near-shin', along: 0.9, off: 2, from: 55, push: 'in' },
        ],
      },
    },
  ],
  anchors: ['about 25 to 45°', 'half lost against the other side counts'],
  doesNotCount: ['a stretch in the buttock', 'the pelvis lifting'],
  notWith: [{ when: 'hip-replacement' }],
  careWith: [{ judged: 'recent hip surgery' }],
  faults: ['knee drifting across the body', 'going past the first barrier'],
  reading: {
    kind: 'range',
    source: 'sij-stiff',
    lost: 0.5,
    noise: 8,
    whenLost: [
      { source: 'sij-stiff', direction: 'for', because: 'half lost goes with a stiff sacroiliac joint' },
      { source: 'hip', direction: 'for', because: 'half lost goes with a hip problem' },
    ],
    pointers: [{ at: ['groin', 'thigh-front'], source: 'hip', because: 'familiar pain in the groin on turning the hip in belongs to the hip' }],
  },
  shares: ['hip-rotation'],
})
