import { all, not } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/**
 * None of six positive, all six done: rules sacroiliac pain out (register row A07, read the other way round).
 *
 * One positive test breaks it and says nothing more, so it decides only when it is met.
 */
export const pelvicClear = defineCluster({
  id: 'pelvic-clear',
  name: 'SI joint, 0 of 6',
  source: 'sij-pain',
  after: 'pelvic-four',
  holds: all([
    not(positive('sij-distraction')),
    not(positive('sij-compression')),
    not(positive('thigh-thrust')),
    not(positive('sacral-thrust')),
    not(positive('gaenslen', 'right')),
    not(positive('gaenslen', 'left')),
  ]),
  rulesOut: true,
  beside: true,
  note: 'None of six, all of them done. A single positive breaks it and says nothing else.',
})
