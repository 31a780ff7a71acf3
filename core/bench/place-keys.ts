import type { AreaId } from '../vocabulary/body-area'

/**
 * The key of each place while details are confirmed: the same key is always the same place, of the tested side; with Shift of the other.
 *
 * Upper and lower body share the letters, since there are more places than letters. S, X and Z are kept for other answers.
 */
export const PLACE_KEYS: Readonly<Record<AreaId, string>> = {
  'back-of-head': 'h',
  face: 'f',
  throat: 't',
  'neck-back': 'n',
  'shoulder-front': 'd',
  'shoulder-back': 'k',
  'shoulder-blade': 'b',
  chest: 'c',
  'upper-arm-front': 'u',
  'upper-arm-back': 'a',
  'forearm-front': 'o',
  'forearm-back': 'r',
  palm: 'p',
  thumb: 'm',
  'middle-finger': 'i',
  'little-finger': 'l',
  'hand-back': 'j',
  'mid-back': 'm',
  'low-back': 'b',
  abdomen: 'a',
  groin: 'g',
  pubic: 'p',
  sacroiliac: 'i',
  buttock: 'u',
  saddle: 'q',
  'outer-hip': 'o',
  'thigh-front': 'f',
  'thigh-inner': 'n',
  'thigh-outer': 't',
  'thigh-back': 'h',
  'knee-front': 'k',
  'knee-back': 'j',
  calf: 'c',
  heel: 'e',
  'shin-outer': 'r',
  'shin-inner': 'y',
  'foot-top': 'v',
  'big-toe': 'w',
  'outer-foot': 'd',
}
