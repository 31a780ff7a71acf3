/**
 * What can be said of a condition: it holds, it does not, or that is still open.
 *
 * Open is a value, never a guess: a test that was not done is not a negative test.
 */
export type Truth = 'true' | 'false' | 'open'
