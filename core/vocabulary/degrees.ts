/** A joint angle in whole or tenths of degrees; 0 is the start position of the test that measures it. */
export type Degrees = number

/** The angles a person can type for one measured joint. */
export interface AngleLimits {
  /** What follows the figure; degrees when absent. */
  readonly unit?: string
  /** The joint and movement measured, in words: "hip flexion, knee straight". */
  readonly joint: string
  /** Lowest and highest angle the record accepts, in degrees. */
  readonly min: Degrees
  readonly max: Degrees
  /** The angle before the movement begins; 0 when absent. */
  readonly rest?: Degrees
  /** A smaller figure is the freer movement, as where it counts what the joint is short of straight. */
  readonly freer?: 'less'
  /** Outside these an angle is possible but unusual, and the screen asks once. */
  readonly usual: readonly [Degrees, Degrees]
}
