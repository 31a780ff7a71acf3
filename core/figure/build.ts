/**
 * Segment lengths and half-thicknesses of the drawn patient, in centimetres.
 *
 * An invented person of about 170 cm, with proportions of drawing manuals; nothing is measured from it.
 */
export const BUILD = {
  head: { length: 21, half: 10.5 },
  neck: { length: 9, half: 6 },
  thorax: { length: 33, half: 12 },
  lumbar: { length: 17, half: 10 },
  pelvis: { length: 14, half: 11.5 },
  thigh: { length: 42, half: 9, end: 6.2 },
  shin: { length: 41, half: 6, end: 3.8 },
  foot: { length: 20, half: 3.6, end: 2.4 },
  upperArm: { length: 28, half: 5, end: 4 },
  forearm: { length: 25, half: 4, end: 2.8 },
  hand: { length: 15, half: 2.9, end: 2 },
  /** Seen from the front. */
  shoulderHalf: 19,
  hipHalf: 9.5,
  pelvisHalf: 16.5,
  waistHalf: 14,
} as const
