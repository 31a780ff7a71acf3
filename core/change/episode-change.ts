import * as yup from 'yup'
import { oneOf, shape, uuid } from '../record/shapes'
import { isPlausibleMoment } from '../vocabulary/moment'
import { SOURCES, type SourceId } from '../vocabulary/source'
import { CONFIRMED_BY, type ConfirmedBy } from './confirmed-by'

/** What turned out to be, or not to be, a source of the pain. It feeds the audit and never a finding. */
export interface Confirmation {
  readonly kind: 'confirmed'
  readonly source: SourceId
  readonly side: 'left' | 'right' | 'both'
  /** It is the source; false where it was ruled out. */
  readonly holds: boolean
  readonly how: ConfirmedBy
  /** YYYY-MM-DD */
  readonly on: string
  readonly words: string
}

/** What is said of an episode beside its examinations. */
export type EpisodeChange =
  /** Closed, with a summary in words. */
  | { readonly kind: 'discharged'; readonly summary: string }
  | { readonly kind: 'reopened'; readonly why: string }
  /** When they are asked to come again, YYYY-MM-DD; null takes it back. */
  | { readonly kind: 'due'; readonly on: string | null }
  | Confirmation
  /** A confirmation was entered wrongly. */
  | { readonly kind: 'withdrawn'; readonly entry: string; readonly why: string }

/** An entry with who made it and when. */
export interface EpisodeEntry {
  readonly id: string
  readonly by: string
  readonly at: number
  readonly change: EpisodeChange
}

const sentence = (max: number, missing: string) =>
  yup
    .string()
    .strict()
    .trim('Nothing but words.')
    .required(missing)
    .max(max, `Up to ${max} letters.`)
    .matches(/\p{L}{2}/u, missing)
const day = yup
  .string()
  .strict()
  .required('Say which day.')
  .matches(/^\d{4}-\d{2}-\d{2}$/, 'Write the day as year, month and day.')
  .test('real', 'That day is not in the calendar.', (on) => isDay(on))

/** Is it a day of the calendar? */
export function isDay(text: string): boolean {
  const at = Date.parse(`${text}T00:00:00Z`)
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(at) && new Date(at).toISOString().startsWith(text)
}

const SHAPES = {
  discharged: shape({ kind: oneOf('discharged'), summary: sentence(2000, 'Write the summary in a few words.') }),
  reopened: shape({ kind: oneOf('reopened'), why: sentence(300, 'Write why in words; it stays on record.') }),
  due: shape({ kind: oneOf('due'), on: day.nullable().defined() }),
  confirmed: shape({
    kind: oneOf('confirmed'),
    source: yup
      .string<SourceId>()
      .strict()
      .required('Choose a source.')
      .oneOf(Object.keys(SOURCES) as SourceId[], 'Choose a source of the list.'),
    side: oneOf('left', 'right', 'both'),
    holds: yup.boolean().strict().required('Say whether it is the source or was ruled out.'),
    how: oneOf(...CONFIRMED_BY),
    on: day,
    words: yup.string().strict().defined().max(1000, 'Up to 1000 letters.'),
  }),
  withdrawn: shape({ kind: oneOf('withdrawn'), entry: uuid, why: sentence(300, 'Write why in words; it stays on record.') }),
} as const

/**
 * Read what is said of an episode.
 *
 * @param now - milliseconds since 1970; nothing was confirmed after it
 * @throws {yup.ValidationError} in words for whoever typed it
 */
export function episodeChange(input: unknown, now: number): EpisodeChange {
  const kind = typeof input === 'object' && input !== null && 'kind' in input ? input.kind : undefined
  const known = typeof kind === 'string' && Object.hasOwn(SHAPES, kind) ? SHAPES[kind as keyof typeof SHAPES] : null
  if (!known) throw new yup.ValidationError('This is nothing that is said of an episode.')
  const change = known.validateSync(input, { strict: true }) as EpisodeChange
  if (change.kind === 'confirmed' && !isPlausibleMoment(Date.parse(`${change.on}T00:00:00Z`), now))
    throw new yup.ValidationError('That day lies ahead.', change.on, 'on')
  return change
}

/** An episode as its entries leave it. */
export interface EpisodeState {
  readonly open: boolean
  /** The summary it was closed with; empty while it is open. */
  readonly summary: string
  readonly due: string | null
  /** What turned out, without what was withdrawn. */
  readonly confirmed: readonly (EpisodeEntry & { readonly change: Confirmation })[]
}

/** Fold what was said of an episode, oldest first. A discharge asks nobody to come again. */
export function episodeState(entries: readonly EpisodeEntry[]): EpisodeState {
  let state: EpisodeState = { open: true, summary: '', due: null, confirmed: [] }
  for (const entry of entries) {
    const { change } = entry
    switch (change.kind) {
      case 'discharged':
        state = { ...state, open: false, summary: change.summary, due: null }
        break
      case 'reopened':
        state = { ...state, open: true, summary: '' }
        break
      case 'due':
        state = { ...state, due: change.on }
        break
      case 'confirmed':
        state = { ...state, confirmed: [...state.confirmed, { ...entry, change }] }
        break
      case 'withdrawn':
        state = { ...state, confirmed: state.confirmed.filter((c) => c.id !== change.entry) }
        break
    }
  }
  return state
}
