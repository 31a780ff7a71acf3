/** The patient's own left or right, never the examiner's. */
export type Side = 'left' | 'right'

export const SIDES: readonly Side[] = ['left', 'right']

/** The side a test is performed on; `none` for a test that loads both sides at once. */
export type TestSide = Side | 'none'

/** The opposite side of the body. */
export function otherSide(side: Side): Side {
  return side === 'left' ? 'right' : 'left'
}

/** Is this text a side a test can be performed on? */
export function isTestSide(text: string): text is TestSide {
  return text === 'left' || text === 'right' || text === 'none'
}
