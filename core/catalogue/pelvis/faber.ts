import { ASK, defineTest, LOWER } from '../exam-test'
import { LEG_FLAT } from '../poses'
import { FRONT_LIGAMENTS, pelvicProvocation, pelvicStages, pelvicVariants, MODERATE } from '../reading/pelvic-provocation'
import { on } from '../load'

/**
 * FABER: flexion, abduction and external rotation. Read by place above all.
 *
 * Groin or front: the hip. Outer buttock: bursa or muscle. Low back: facet or muscle. Buttock below L5
 * on the same side: the sacroiliac joint.
 */
export const faber = defineTest({
  id: 'faber',
  name: 'FABER test',
  short: 'FABER',
  alsoCalled: ['Figure of four', 'Patrick'],
  region: 'pelvis',
  plannedFor: LOWER,
  purpose: 'Opens the hip and levers the front of the sacroiliac joint; the place of the pain decides.',
  plain: 'let your {side} knee fall out to the side',
  structures: ['hip joint', 'front of the sacroiliac joint', 'anterior sacroiliac ligaments'],
  posture: 'supine',
  phase: 'loading',
  after: 'sij-distraction',
  sides: 'each',
  // The height of the knee is told against the other side's.
  plan: 'better-side-first',
  seconds: 40,
  provocative: 1,
  loads: [on('pelvis', 'rotation', 'moderate'), on('hip', 'rotation', 'moderate'), on('leg', 'movement', 'light')],
  variants: pelvicVariants('15 kg', { id: 'pelvis-fixed', name: 'Opposite front hip bone held' }),
  stages: pelvicStages(
    {
      id: 'press',
      kind: 'load',
      label: 'Let the knee drop, press',
      do: '{side} heel above the {other} knee. Hold the {other} hip bone and press the knee gently down.',
      ask: ASK,
      holdSeconds: 5,
      angle: { unit: ' cm', joint: 'knee height above the table', min: 0, max: 60, freer: 'less', usual: [3, 40] },
      pose: {
        plane: 'front',
        support: 'table',
        near: { out: 58, bend: 117, thighSeen: 0.9, shinSeen: 0.96 },
        far: LEG_FLAT,
        contacts: [
          { on: 'near-shin', along: 0.03, off: 1, from: 300, push: 'in' },
          { on: 'far-hip-bone', along: 0.5, off: 0, from: 68, push: 'in' },
        ],
      },
    },
    MODERATE,
  ),
  doesNotCount: ['a stretch at the inner thigh', 'pressure on the held hip bone', 'pain on the other side'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }, { when: 'hip-replacement' }],
  careWith: [{ judged: 'knee pathology' }],
  faults: ['the opposite side of the pelvis not held, so the trunk rolls', 'place not asked'],
  reading: pelvicProvocation([
    FRONT_LIGAMENTS,
    { at: ['groin', 'thigh-front', 'thigh-inner'], source: 'hip', because: 'familiar pain in the groin or the front belongs to the hip' },
    { at: ['outer-hip'], source: 'outer-hip', because: 'familiar pain over the outer hip belongs to bursa or muscle there' },
    { at: ['low-back'], source: 'facet-lumbar', because: 'familiar pain above L5 belongs to the low back, facet or muscle' },
    { at: ['low-back'], source: 'muscle-back', because: 'familiar pain above L5 belongs to the low back, facet or muscle' },
  ]),
  shares: ['pelvic-provocation', 'hip-rotation'],
})
