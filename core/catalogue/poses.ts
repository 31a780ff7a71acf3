import type { ArmPose, FrontPose, LegPose, SidePose, SpreadLeg, Stand } from '../vocabulary/pose'

/** A straight leg at rest. */
export const STRAIGHT: LegPose = { hip: 0, knee: 0, ankle: -12 }

/** An arm resting along the trunk. */
export const ARM_AT_REST: ArmPose = { shoulder: -4, elbow: 14 }

/** Lying flat on the back, legs straight; tests change what they move. */
export const ON_THE_BACK: Omit<SidePose, 'contacts'> = {
  plane: 'profile',
  seen: 'beside',
  lies: 'face-up',
  support: 'table',
  lumbar: 0,
  thorax: 0,
  neck: 4,
  near: STRAIGHT,
  far: STRAIGHT,
  nearArm: ARM_AT_REST,
  farArm: ARM_AT_REST,
}

/** A leg lying straight, seen from the front. */
export const LEG_FLAT: SpreadLeg = { out: 6, bend: 0, thighSeen: 1, shinSeen: 1 }

/** Sitting upright on the edge of the table, hands behind the back; tests change what they move. */
export const SITTING: Omit<SidePose, 'contacts'> = {
  plane: 'profile',
  seen: 'beside',
  lies: 'upright',
  stands: 'beside',
  support: 'seat',
  lumbar: 0,
  thorax: 0,
  neck: 0,
  near: { hip: 90, knee: 90, ankle: -8 },
  far: { hip: 90, knee: 90, ankle: -8 },
  nearArm: { shoulder: -34, elbow: 52 },
  farArm: { shoulder: -34, elbow: 52 },
}

/** Lying face down, legs straight; tests change what they move. */
export const FACE_DOWN: Omit<SidePose, 'contacts'> = {
  plane: 'profile',
  seen: 'beside',
  lies: 'face-down',
  support: 'table',
  lumbar: 0,
  thorax: 0,
  neck: -6,
  near: { hip: 0, knee: 0, ankle: -62 },
  far: { hip: 0, knee: 0, ankle: -62 },
  nearArm: { shoulder: -5, elbow: 6 },
  farArm: { shoulder: -5, elbow: 6 },
}

/** Sitting, seen from the front; tests change what they move. */
export const SITTING_FRONT: Omit<FrontPose, 'contacts'> = {
  plane: 'front',
  is: 'sitting',
  support: 'seat',
  near: { out: 14, bend: 14, thighSeen: 0.3, shinSeen: 1 },
  far: { out: 14, bend: 14, thighSeen: 0.3, shinSeen: 1 },
}

/** Standing, seen from behind; the tested side is at the right of the picture for the right. */
export const STANDING_BEHIND: Omit<FrontPose, 'contacts'> = {
  plane: 'front',
  is: 'standing',
  fromBehind: true,
  support: 'floor',
  near: { out: 3, bend: 2, thighSeen: 1, shinSeen: 1 },
  far: { out: 3, bend: 2, thighSeen: 1, shinSeen: 1 },
}

/** Standing, seen from the side. */
export const STANDING: Omit<SidePose, 'contacts'> = {
  plane: 'profile',
  seen: 'beside',
  lies: 'upright',
  support: 'floor',
  lumbar: 0,
  thorax: 0,
  neck: 0,
  near: { hip: 0, knee: 0, ankle: 0 },
  far: { hip: 0, knee: 0, ankle: 0 },
  nearArm: { shoulder: 2, elbow: 8 },
  farArm: { shoulder: 2, elbow: 8 },
}

/** Lying on the back, seen from above. */
export const ON_THE_BACK_FRONT: Omit<FrontPose, 'contacts'> = { plane: 'front', support: 'table', near: LEG_FLAT, far: LEG_FLAT }

/** Lying on the side, seen from above, hips and knees bent; the tested side is up. */
export const ON_THE_SIDE: Omit<SidePose, 'contacts'> = {
  plane: 'profile',
  seen: 'above',
  lies: 'face-up',
  stands: 'tested',
  support: 'table',
  lumbar: 6,
  thorax: 8,
  neck: 8,
  near: { hip: 45, knee: 90, ankle: -5 },
  far: { hip: 38, knee: 82, ankle: -5 },
  nearArm: { shoulder: 62, elbow: 52 },
  farArm: { shoulder: 88, elbow: 60 },
}

/** Trunk face down on the table, feet on the floor. */
export const OVER_THE_EDGE: Omit<SidePose, 'contacts'> = {
  ...FACE_DOWN,
  support: 'table-edge',
  near: { hip: 84, knee: 6, ankle: 0 },
  far: { hip: 84, knee: 6, ankle: 0 },
  nearArm: { shoulder: 150, elbow: 30 },
  farArm: { shoulder: 150, elbow: 30 },
}

/** The same pose, drawn from the pelvis up: for the neck and the arm. */
export function close<P extends object>(pose: P): P & { readonly shows: 'upper' } {
  return { ...pose, shows: 'upper' }
}

/** The same pose, close enough to see where a finger lies on the neck. */
export function closeToNeck<P extends object>(pose: P, stands?: Stand): P & { readonly shows: 'neck'; readonly stands?: Stand } {
  return { ...pose, shows: 'neck', ...(stands && { stands }) }
}
