/** What every event carries. */
export interface Stamp {
  /** UUID version 7, made where the event was made; sending it twice stores it once. */
  readonly id: string
  /** When it happened, in milliseconds since 1970 (UTC). */
  readonly at: number
  /** The practitioner who recorded it. */
  readonly by: string
}
