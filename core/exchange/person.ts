/** Whose examination leaves the house. */
export interface ExportedPerson {
  readonly id: string
  /** Number in the clinic; null where it has none. */
  readonly number: number | null
  readonly name: string
  /** Day of birth, YYYY-MM-DD; null where it is not known. */
  readonly born: string | null
  readonly work: string
}
