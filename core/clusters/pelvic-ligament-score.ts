import { chose } from '../catalogue/reading/table'
import { all, weighted } from '../logic/rule'
import { defineCluster } from './cluster'
import { observed, painted, positive, told } from './item'

/** Four or more of nine points for pain of the posterior pelvic ligaments (register row A36; weights recalled with medium confidence). */
export const pelvicLigamentScore = defineCluster({
  id: 'pelvic-ligament-score',
  name: 'SI ligament score, 9 points',
  source: 'sij-ligament',
  holds: weighted(4, [
    [3, all([told('one-finger', 'Shows the spot with one finger'), painted('at-rear-spine', 'Painted at the PSIS', ['sacroiliac'])])],
    [2, painted('groin-pain', 'Painted in the groin', ['groin'])],
    [1, told('sitting-hurts', 'Sitting on a chair brings it on')],
    [1, positive('thigh-thrust')],
    [1, positive('sij-palpation')],
    [1, observed('sacrotuberous-tender', 'Sacrotuberous ligament tender', 'sij-palpation', chose('sacrotuberous', 'tender', 'own'))],
  ]),
  beside: true,
  neverLeads: true,
  badge: 'One case-control study',
  note: 'Four or more of nine points. The shear of the study is read from the thigh thrust.',
})
