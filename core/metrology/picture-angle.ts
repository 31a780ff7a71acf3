import type { AngleLimits, Degrees } from '../vocabulary/degrees'

/** A point on a picture, in its own units: to the right and downwards. */
export interface PicturePoint {
  readonly x: number
  readonly y: number
}

/** How the angle at the middle of three points becomes the angle that a stage records. */
interface PictureReading {
  /** What the record counts: from the straight line, the angle itself, or what it is beyond a right angle. */
  readonly counts: 'from-straight' | 'between' | 'beyond-right-angle'
  /** Where the three points go, the middle one on the joint. */
  readonly points: readonly [string, string, string]
}

const TRUNK_NECK = ['on the breast bone', 'on the base of the neck', 'on the ear'] as const
const FROM_ABOVE = ['straight ahead of the person', 'on the middle of the head, seen from above', 'on the nose'] as const
const SHOULDER = ['on the side of the trunk, at the hip', 'on the shoulder', 'on the elbow'] as const

/** By the joint a stage measures, in the words of the catalogue. */
const READINGS: Readonly<Record<string, PictureReading>> = {
  'neck flexion': { counts: 'from-straight', points: TRUNK_NECK },
  'neck extension': { counts: 'from-straight', points: TRUNK_NECK },
  'neck side-flexion': { counts: 'from-straight', points: ['on the breast bone', 'on the base of the neck', 'on the bridge of the nose'] },
  'neck rotation': { counts: 'between', points: FROM_ABOVE },
  'rotation with the neck fully bent': { counts: 'between', points: FROM_ABOVE },
  'rotation, neck in the middle': { counts: 'between', points: FROM_ABOVE },
  'knee, degrees short of straight': { counts: 'from-straight', points: ['on the hip', 'on the knee', 'on the ankle'] },
  'hip angle sitting (90 less what the knee is short of straight)': { counts: 'beyond-right-angle', points: ['on the hip', 'on the knee', 'on the ankle'] },
  'hip flexion with a straight knee': { counts: 'from-straight', points: ['on the side of the chest', 'on the hip', 'on the ankle'] },
  'elbow, degrees short of straight': { counts: 'from-straight', points: ['on the shoulder', 'on the elbow', 'on the wrist'] },
  'shoulder abduction': { counts: 'between', points: SHOULDER },
  'hip internal rotation': { counts: 'between', points: ['straight up from the knee', 'on the knee', 'on the ankle'] },
  'knee flexion, prone': { counts: 'from-straight', points: ['on the hip', 'on the knee', 'on the ankle'] },
  'low-back flexion, two inclinometers': { counts: 'from-straight', points: ['on the sacrum', 'on the low back', 'on the upper back'] },
  'low-back extension': { counts: 'from-straight', points: ['on the sacrum', 'on the low back', 'on the upper back'] },
}

/** How a stage's angle is read from a picture; null where it measures no angle, or one that no picture shows. */
export function pictureReading({ joint, unit }: Pick<AngleLimits, 'joint' | 'unit'>): PictureReading | null {
  return unit === undefined && Object.hasOwn(READINGS, joint) ? (READINGS[joint] ?? null) : null
}

/**
 * The angle at the middle of three points, in degrees from 0 to 180; null where two of them lie on each other.
 *
 * The law of cosines by the directions of both limbs. A picture taken from the side of the plane of the movement alone shows the angle: one
 * taken askew shows less or more, and nothing here can know it.
 */
export function angleAt(a: PicturePoint, joint: PicturePoint, b: PicturePoint): Degrees | null {
  const [ax, ay, bx, by] = [a.x - joint.x, a.y - joint.y, b.x - joint.x, b.y - joint.y]
  const [la, lb] = [Math.hypot(ax, ay), Math.hypot(bx, by)]
  if (la < 1e-9 || lb < 1e-9) return null
  return (Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by)) * 180) / Math.PI
}

/** Where three points may lie at first, as shares of a picture: the joint in the middle, at an angle that is usual for the stage. */
export function firstPoints(
  { counts }: Pick<PictureReading, 'counts'>,
  [low, high]: AngleLimits['usual'],
  ratio: number,
): readonly [PicturePoint, PicturePoint, PicturePoint] {
  const usual = (low + high) / 2
  const between = counts === 'from-straight' ? 180 - usual : counts === 'between' ? usual : usual + 90
  const turn = ((180 + between) * Math.PI) / 180
  const reach = 0.26
  // Shares of a wide picture are longer across than down.
  return [
    { x: 0.5 - reach, y: 0.58 },
    { x: 0.5, y: 0.58 },
    { x: 0.5 + reach * Math.cos(turn), y: 0.58 + reach * ratio * Math.sin(turn) },
  ]
}

/** What the stage records for an angle between the points, in whole degrees. */
export function recordedAngle(between: Degrees, { counts }: Pick<PictureReading, 'counts'>): Degrees {
  switch (counts) {
    case 'from-straight':
      return Math.round(180 - between)
    case 'between':
      return Math.round(between)
    case 'beyond-right-angle':
      return Math.round(between - 90)
  }
}
