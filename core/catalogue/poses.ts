import type { ArmPose, LegPose, SidePose, SpreadLeg } from '../vocabulary/pose'

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
