import type { Degrees } from './degrees'

/** Angles of one leg in the plane that is drawn, in degrees; 0 is the anatomical position. */
export interface LegPose {
  /** Hip flexion; negative is extension. */
  readonly hip: Degrees
  readonly knee: Degrees
  /** Dorsiflexion; negative is plantarflexion. */
  readonly ankle: Degrees
}

/** Angles of one arm in the plane that is drawn, in degrees. */
export interface ArmPose {
  /** Shoulder flexion; 0 hangs along the trunk. */
  readonly shoulder: Degrees
  readonly elbow: Degrees
}

/** One leg seen from the front: how far out it points and how much of its length the view shows. */
export interface SpreadLeg {
  /** Direction of the thigh away from the body's midline; 0 is straight down the body. */
  readonly out: Degrees
  /** Turn of the shin back towards the midline at the knee. */
  readonly bend: Degrees
  /** Share of the true length that is seen, 0 to 1; less than 1 when the limb points at the viewer. */
  readonly thighSeen: number
  readonly shinSeen: number
}

/** One arm seen from the front. */
export interface SpreadArm {
  /** Direction of the upper arm away from the trunk; 0 hangs along it, 90 points sideways, 170 up. */
  readonly out: Degrees
  /** Turn of the forearm towards the head at the elbow; negative turns it down. */
  readonly bend: Degrees
  /** Share of the true length that is seen, 0 to 1. */
  readonly upperSeen: number
  readonly foreSeen: number
}

/** The parts of the drawn body that a hand can rest on. */
export type Segment =
  | 'near-shoulder'
  | 'far-shoulder'
  | 'near-upper-arm'
  | 'near-forearm'
  | 'near-hand'
  | 'far-forearm'
  | 'head'
  | 'neck'
  | 'thorax'
  | 'lumbar'
  | 'pelvis'
  | 'near-thigh'
  | 'near-shin'
  | 'near-foot'
  | 'far-thigh'
  | 'far-shin'
  | 'near-hip-bone'
  | 'far-hip-bone'

/** One of the examiner's hands, and which way it pushes. */
export interface Contact {
  readonly on: Segment
  /** How far along the segment, 0 at its upper end and 1 at its lower end. */
  readonly along: number
  /** Distance from the segment's middle line, in centimetres, towards the viewer's up (negative: down). */
  readonly off: number
  /** Distance to the right of the picture, in centimetres (negative: left). */
  readonly aside?: number
  /** Direction the forearm comes from, in degrees; 0 is from the right of the picture, 90 from above. */
  readonly from: Degrees
  /** Direction of the push in the picture; `in` is straight away from the viewer. Absent: the hand only holds. */
  readonly push?: Degrees | 'in'
  /** Two or three words shown beside the hand. */
  readonly says?: string
}

/** Where the examiner stands, where the forearms alone do not tell it. */
export type Stand = 'tested' | 'other' | 'head' | 'feet' | 'behind' | 'front' | 'beside'

interface AnyPose {
  readonly stands?: Stand
  readonly contacts: readonly Contact[]
  /** What carries the patient. */
  readonly support: Support
  /** What the picture shows: the whole body, only from the pelvis up, or only head, neck and shoulders. */
  readonly shows?: 'upper' | 'neck'
}

/** What carries the patient: a table, its lower end, its edge with the feet on the floor, a seat, or the floor. */
export type Support = 'table' | 'table-end' | 'table-edge' | 'seat' | 'floor'

/** The body seen in profile; `near` is the limb of the tested side. */
export interface SidePose extends AnyPose {
  readonly plane: 'profile'
  /** Seen from beside the table, or (side-lying) from above it. */
  readonly seen: 'beside' | 'above'
  /** Which way the front of the body faces when the head lies left: up, down, or (sitting, standing) forward. */
  readonly lies: 'face-up' | 'face-down' | 'upright'
  readonly lumbar: Degrees
  readonly thorax: Degrees
  readonly neck: Degrees
  readonly near: LegPose
  readonly far: LegPose
  readonly nearArm: ArmPose
  readonly farArm: ArmPose
  /** The angle that is measured, if any: it is drawn as an arc and follows the live reading. */
  readonly measured?: 'near-hip' | 'near-knee' | 'near-ankle' | 'neck' | 'trunk'
}

/** The body seen from the front: lying under the viewer, sitting or standing before them; or from behind. */
export interface FrontPose extends AnyPose {
  readonly plane: 'front'
  /** Lying when absent. */
  readonly is?: 'lying' | 'sitting' | 'standing'
  /** Seen from behind: the back of the head, and the tested side on the other half of the picture. */
  readonly fromBehind?: true
  readonly near: SpreadLeg
  readonly far: SpreadLeg
  /** Resting along the trunk when absent. */
  readonly nearArm?: SpreadArm
  readonly farArm?: SpreadArm
  /** Side-bend of the neck towards the tested side; negative away from it. */
  readonly neckBend?: Degrees
  /** Side-bend of the trunk towards the tested side; negative away from it. */
  readonly trunkBend?: Degrees
  /** Turn of the head towards the tested side; negative away from it. */
  readonly headTurn?: Degrees
  /** The angle that is measured, if any. */
  readonly measured?: 'near-elbow' | 'near-shoulder' | 'neck-bend' | 'head-turn'
}

/** How the drawn patient lies at one stage of a test, and where the examiner's hands are. */
export type Pose = SidePose | FrontPose
