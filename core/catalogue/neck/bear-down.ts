import { ARM, BELOW_KNEE, ABOVE_KNEE, LOW_BACK, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING } from '../poses'
import { familiar, line, otherwise, painted, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Bearing down raises the pressure in the spinal canal; used for neck and back. */
export const bearDown = defineTest({
  id: 'bear-down',
  name: 'Valsalva manoeuvre',
  short: 'Valsalva',
  alsoCalled: ['Bear down', 'Breath-hold'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Raises the pressure in the spinal canal for 2 to 3 seconds.',
  plain: 'asked you to hold your breath and push',
  structures: ['discs', 'roots', 'dura'],
  posture: 'sitting',
  phase: 'relief',
  after: 'shoulder-abduction-relief',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 15,
  provocative: 1,
  loads: [on('abdomen', 'breath-held', 'moderate'), on('low-back', 'breath-held', 'light')],
  variants: [
    { id: 'breath-held', name: 'Breath held and borne down' },
    {
      id: 'closed-thumb',
      name: 'Blown against the closed thumb',
      changes: {
        strain: { label: 'Blow two to three seconds', do: 'Close the lips round the thumb and blow against it for two to three seconds, no longer.' },
      },
    },
  ],
  stages: [
    load(
      'strain',
      'Strain two to three seconds',
      'Take a breath, hold it and bear down for two to three seconds, no longer.',
      { ...close(SITTING), nearArm: { shoulder: 10, elbow: 60 }, contacts: [] },
      { holdSeconds: 3, handsOff: true },
    ),
  ],
  doesNotCount: ['pressure in the head', 'faintness: stop'],
  notWith: [{ when: 'raised-pressure' }, { when: 'aneurysm' }],
  careWith: [{ judged: 'faintness' }],
  faults: ['longer than three seconds'],
  reading: table({
    source: 'disc-annulus',
    counts: [...ARM, ...BELOW_KNEE, ...ABOVE_KNEE, ...LOW_BACK, ...NECK],
    lines: [
      line(familiar(ARM), 'positive', 'familiar arm symptom when the canal pressure rises', speaksFor('root-cervical')),
      line(
        familiar([...BELOW_KNEE, ...ABOVE_KNEE]),
        'positive',
        'familiar leg symptom when the canal pressure rises',
        pointsTo('root-lumbar-low'),
        pointsTo('disc-annulus'),
      ),
      line(familiar([...LOW_BACK, ...NECK]), 'negative', 'familiar pain in the spine only, not in a limb', pointsTo('disc-annulus')),
      line(painted(ARM), 'negative', 'no familiar arm symptom', speaksAgainst('root-cervical')),
    ],
    otherwise: otherwise('negative', 'no familiar limb symptom'),
  }),
  shares: [],
})
