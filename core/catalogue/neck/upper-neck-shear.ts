import { defineTest } from '../exam-test'
import { closeToNeck, SITTING } from '../poses'
import { line, otherwise, pointsTo, speaksFor, table, allOf, chose } from '../reading/table'
import { observe } from '../stages'
import { on } from '../load'
import { C2_IS } from './c2'

const PINCH = { on: 'neck', along: 0.35, off: 0, aside: -8, from: 190 } as const
const FOREHEAD = { on: 'head', along: 0.8, off: 2, aside: 11, from: 20 } as const

/**
 * Seated upper-neck shear and relocation: does gliding the head back onto C2 feel like a slide, or ease what the nod brought?
 *
 * Seated, so that a faint is already supported. A negative test never clears a neck.
 */
export const upperNeckShear = defineTest({
  id: 'upper-neck-shear',
  name: 'Sharp-Purser test (seated atlantoaxial shear)',
  short: 'Sharp-Purser',
  alsoCalled: ['Seated upper-neck shear and relocation', 'Upper-neck shear'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Feels whether the head and C1 slide on C2, and whether gliding them back eases what the nod brought on.',
  plain: 'held your head and pressed softly on it while you sat',
  structures: ['transverse ligament of C1', 'upper cervical joints'],
  posture: 'sitting',
  phase: 'ligament',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 45,
  provocative: 1,
  loads: [on('upper-neck', 'shear', 'light')],
  variants: [{ id: 'pinch-and-glide', name: 'C2 held, head glided straight back' }],
  stages: [
    observe(
      'nod',
      'A very small nod',
      'Pinch C2 from behind, other hand on the forehead. Ask for a very small nod.',
      { quiet: 'Nothing felt', symptoms: 'Symptoms come on' },
      { ...closeToNeck(SITTING, 'beside'), neck: 10, contacts: [PINCH, FOREHEAD] },
    ),
    observe(
      'which',
      'What the nod brought on',
      'What came on with the nod? Tingling in the limbs, dizziness or faintness is a warning sign: W.',
      { own: 'The familiar symptom', headache: 'Headache', neck: 'Neck pain only', other: 'Something else' },
      { ...closeToNeck(SITTING, 'beside'), neck: 4, contacts: [PINCH, FOREHEAD] },
      { when: { stage: 'nod', chose: ['symptoms'] }, since: 3, effect: 'looks' },
    ),
    observe(
      'glide',
      'Glide straight back',
      'Glide head and C1 straight back on C2, with the lightest touch.',
      { still: 'Nothing moves', slide: 'A slide or clunk', warning: 'A warning sign: stop' },
      { ...closeToNeck(SITTING, 'beside'), neck: 4, contacts: [PINCH, { ...FOREHEAD, push: 180 }] },
    ),
    observe(
      'after',
      'After the glide',
      'Keep it there. What do the nod’s symptoms do?',
      { same: 'The same', eased: 'Eased while held', worse: 'Worse' },
      { ...closeToNeck(SITTING, 'beside'), neck: 4, contacts: [PINCH, FOREHEAD] },
      { when: { stage: 'nod', chose: ['symptoms'] }, effect: 'looks' },
    ),
  ],
  anchors: [C2_IS, 'nothing moves when the head is glided back'],
  doesNotCount: ['pressure under the fingers', 'stiffness'],
  notWith: [{ when: 'cord-signs' }, { when: 'neck-artery' }, { when: 'head-unsupported' }, { when: 'fracture-neck' }],
  careWith: [{ judged: 'everyone', then: 'the lightest touch' }],
  faults: ['more than a very small nod', 'pushing instead of gliding', 'letting go at once, so relief is missed'],
  reading: table({
    source: 'laxity-upper-neck',
    lines: [
      line(chose('glide', 'slide'), 'positive', 'the head slides on C2', speaksFor('laxity-upper-neck')),
      line(chose('glide', 'warning'), 'positive', 'a warning sign came on', speaksFor('laxity-upper-neck')),
      line(
        allOf(chose('nod', 'symptoms'), chose('after', 'eased')),
        'positive',
        'what the nod brought on eased with the glide back',
        speaksFor('laxity-upper-neck'),
      ),
      line(
        chose('nod', 'symptoms'),
        'inconclusive',
        'the nod brought symptoms on, without a slide and without relief: pain alone, so choose gentler techniques',
        pointsTo('joint-upper-neck'),
      ),
    ],
    otherwise: otherwise('negative', 'nothing moved, which never clears a neck'),
  }),
  shares: ['upper-neck-ligament'],
})
