/**
 * Something the record cannot take, said so that a person knows where they stand.
 *
 * The same three parts are shown on screen and answered by the server.
 */
export interface Problem {
  /** What happened, in one sentence. */
  readonly what: string
  /** What was kept; nothing is ever lost silently. */
  readonly kept: string
  /** What to do next. */
  readonly do: string
}
