import { defineTest } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { allOf, anyOf, chose, line, otherwise, familiar, pointsTo, said, table } from '../reading/table'
import { load, observe, release } from '../stages'
import { on } from '../load'

const CURLED = {
  ...ON_THE_BACK,
  thorax: 22,
  lumbar: 12,
  neck: 20,
  contacts: [{ on: 'lumbar', along: 0.6, off: 11, from: 70, push: 265 }],
} as const
const CURL = 'Keep the finger there, as hard as before. Ask for a half curl-up.'

/** Abdominal wall tension: does the sore spot ease when the wall is tightened over it? */
export const abdominalTension = defineTest({
  id: 'abdominal-tension',
  name: 'Abdominal wall tension (Carnett)',
  short: 'Carnett',
  alsoCalled: ['Abdominal wall tension', 'Abdominal wall'],
  region: 'back',
  plannedFor: [],
  intimate: 'abdomen',
  purpose: 'Parts a pain of the abdominal wall from one that lies deeper.',
  plain: 'pressed on your tummy while you half sat up',
  structures: ['abdominal wall', 'inner organs'],
  posture: 'supine',
  phase: 'palpation',
  after: 'pelvic-landmarks',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 1,
  loads: [on('abdomen', 'pressing', 'moderate')],
  variants: [
    { id: 'half-curl-told', name: 'Press, then half curl-up: worse, the same or better', stages: ['press', 'wall'] },
    { id: 'half-curl', name: 'Press, then half curl-up', stages: ['press', 'curl'], retired: true },
  ],
  stages: [
    load('press', 'Press the sore spot', 'Find the sore spot with one finger and press gently.', {
      ...ON_THE_BACK,
      contacts: [{ on: 'lumbar', along: 0.5, off: 11, from: 80, push: 268 }],
    }),
    observe('wall', 'Half curl-up', CURL, { worse: 'Worse', same: 'The same', better: 'Better' }, CURLED, {
      ask: 'What happens to it now?',
      ifReproduced: { since: 3 },
    }),
    release('curl', 'Half curl-up', CURL, CURLED),
  ],
  doesNotCount: ['effort of the curl-up'],
  notWith: [{ when: 'aneurysm' }],
  careWith: [{ judged: 'recent abdominal surgery' }, { when: 'pregnancy' }],
  faults: ['the finger moving', 'pressing harder the second time'],
  reading: table({
    source: 'abdominal-wall',
    counts: ['abdomen', 'groin', 'chest'],
    lines: [
      line(
        allOf(familiar(undefined, { side: 'either' }), anyOf(said(['unchanged'], 'curl'), chose('wall', 'worse', 'same'))),
        'positive',
        'no better with the wall tight: the abdominal wall',
        pointsTo('abdominal-wall'),
      ),
      line(
        allOf(familiar(undefined, { side: 'either' }), anyOf(said(['eased'], 'curl'), chose('wall', 'better'))),
        'negative',
        'eased with the wall tight: deeper, so advise a medical review',
        pointsTo('visceral'),
      ),
    ],
    otherwise: otherwise('negative', 'no familiar pain on pressing'),
  }),
  shares: [],
})
