import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/**
 * Three or more of six (register row A09).
 *
 * Gaenslen counts twice, right and left leg lowered; either counts when the own pain comes on at the joint the rule
 * is read for.
 */
export const pelvicSix = defineCluster({
  id: 'pelvic-six',
  name: 'SI joint, 3 of 6',
  source: 'sij-pain',
  after: 'pelvic-five',
  holds: atLeast(3, [
    positive('sij-distraction'),
    positive('sij-compression'),
    positive('thigh-thrust'),
    positive('sacral-thrust'),
    positive('gaenslen', 'right'),
    positive('gaenslen', 'left'),
  ]),
  note: 'Three or more of six results, Gaenslen counted for each lowered leg.',
})
