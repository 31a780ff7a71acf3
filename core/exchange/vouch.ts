import { type Assessment, assess } from '../assess'
import type { Clinic } from '../evidence/knowledge'
import { letterBody, type LetterHead, letterParts, urgencyOf } from '../note/letter'
import { summaryOf, summaryText } from '../note/summary'
import type { ExamEvent, ExamSigned } from '../record/event'
import { examFrom } from '../record/exam'
import type { LetterWritten, PaperEvent, SummaryGiven } from '../record/paper-events'
import { haltsOf } from '../safety/safety'
import { editionWords } from '../vocabulary/edition'
import { LETTER_URGENCIES } from '../vocabulary/note-section'
import type { Problem } from '../vocabulary/problem'
import { counted } from '../vocabulary/sentence'
import { isZone, momentInZone } from '../vocabulary/zone'
import { differencesOf, MOST_DIFFERENCES } from './compare-frozen'
import { type EditionReader, READERS, recomputed } from './recompute'

/** What somebody puts their name to, or hands out: the server computes it again before it is stored. */
export type Vouchable = ExamSigned | PaperEvent

export function isVouchable(event: ExamEvent): event is Vouchable {
  return event.type === 'exam-signed' || event.type === 'letter-written' || event.type === 'summary-given'
}

/** What it is computed again from: the record before it, what the clinic knows, and whose it is. */
export interface VouchInput {
  readonly event: Vouchable
  /** The record it was made from. */
  readonly events: readonly ExamEvent[]
  /** What has joined the record since; for a signature nothing may. */
  readonly since: readonly ExamEvent[]
  readonly clinic: Clinic
  readonly head: Pick<LetterHead, 'about' | 'born' | 'by'>
}

/** It is what the record gives, or what differs. `unsigned` waits on its device until the same person signs again. */
export type Vouched = { readonly ok: true } | { readonly ok: false; readonly unsigned: boolean; readonly problem: Problem }

const OK: Vouched = { ok: true }

/**
 * Is this what the record gives? Folded, assessed and frozen again from the record alone; what a browser says is only compared.
 *
 * @param readers - the editions that can be computed
 */
export function vouchFor({ event, events, since, clinic, head }: VouchInput, readers: readonly EditionReader[] = READERS): Vouched {
  const exam = examFrom(events)
  if (!exam) return refuse('There is no examination here yet.', 'Open one first.')
  switch (event.type) {
    case 'exam-signed': {
      const { frozen } = event
      const ours = frozen && recomputed(exam, frozen.edition, { clinic, readers })
      if (!frozen || !ours) return tooOld(frozen ? editionWords(frozen.edition) : 'an earlier version')
      const differences = differencesOf(frozen, ours)
      if (differences.length === 0) return OK
      const told = differences.slice(0, MOST_DIFFERENCES).map((d) => d.words)
      const more = differences.length - told.length
      return unsigned(
        `What was sent to be signed is not what the record gives. ${told.join(' ')}${more > 0 ? ` And ${more} more.` : ''}`,
        'Reload the page, read the note as it stands now, and sign it again.',
      )
    }
    case 'letter-written':
    case 'summary-given': {
      const now = since.length === 0 ? exam : examFrom([...events, ...since])
      const news = haltsOf(now ?? exam).filter(({ gate }) => !haltsOf(exam).some((known) => known.gate.id === gate.id))
      // Nothing leaves that says less than the record does at that moment.
      if (news[0]) return refuse(`Since this was written the examination was halted: ${news[0].gate.reason}`, 'Read it as it stands now, and keep it again.')
      const assessment = assess(exam, { clinic })
      return event.type === 'letter-written' ? letterVouched(event, { assessment, head }) : summaryVouched(event, assessment)
    }
  }
}

function letterVouched(event: LetterWritten, { assessment, head }: { readonly assessment: Assessment; readonly head: VouchInput['head'] }): Vouched {
  const { zone, edited = false, text, to, urgency, agreed } = event
  if (zone === undefined || !isZone(zone))
    return refuse('The letter does not say in which time zone its times are told.', 'Reload the page and keep the letter again.')
  const when = (at: number) => momentInZone(at, zone)
  const whole: LetterHead = { ...head, examinedAt: assessment.exam.openedAt, when }
  const asked = urgencyOf(assessment)
  if (LETTER_URGENCIES.indexOf(urgency) > LETTER_URGENCIES.indexOf(asked)) {
    return refuse(
      `The letter asks for less than the record does, which is ${asked.replace('-', ' ')}.`,
      'Choose that urgency, or open the halt with a reason first.',
    )
  }
  const { above, below } = letterParts({ to, urgency, agreed }, whole)
  if (!text.startsWith(`${above}\n`) || !text.endsWith(`\n${below}`)) {
    return refuse(
      'The head or foot of the letter is not what the record gives: urgency, recipient, person, day, consent or signature.',
      'Reload the page and keep the letter again.',
    )
  }
  const body = text.slice(above.length, text.length - below.length).trim()
  const ours = letterBody(assessment, whole).trim()
  if (edited || body === ours) return OK
  return refuse(
    `The letter is not what the record gives: ${lineDifference(body, ours)} It does not say that it was changed by hand.`,
    'Reload the page, read the letter as it stands now, and keep it again.',
  )
}

function summaryVouched({ agreed, figures, text }: SummaryGiven, assessment: Assessment): Vouched {
  const ours = summaryText(summaryOf(assessment, { agreed, figures }))
  if (text === ours) return OK
  return refuse(
    `The summary is not what the record gives: ${lineDifference(text, ours)}`,
    'Reload the page, read the summary as it stands now, and keep it again.',
  )
}

/** The first line in which two texts differ. */
function lineDifference(sent: string, ours: string): string {
  const [a, b] = [sent.split('\n'), ours.split('\n')]
  const at = b.findIndex((line, i) => line !== a[i])
  const i = at === -1 ? b.length : at
  const brief = (line: string | undefined) => (line === undefined ? 'nothing' : `“${line.slice(0, 160)}”`)
  return `line ${i + 1} was sent as ${brief(a[i])}; the record gives ${brief(b[i])}.`
}

const KEPT = 'Everything recorded is kept; this was not stored, and waits on this device.'

function refuse(what: string, todo: string): Vouched {
  return { ok: false, unsigned: false, problem: { what, kept: KEPT, do: todo } }
}

const KEPT_UNSIGNED = 'Everything recorded is kept, not signed; the signature waits on this device.'

function unsigned(what: string, todo: string): Vouched {
  return { ok: false, unsigned: true, problem: { what, kept: KEPT_UNSIGNED, do: todo } }
}

function tooOld(edition: string): Vouched {
  return unsigned(
    `This was signed with another edition (${edition}) than this server can compute again, so it is not signed yet.`,
    'Open the note, look at what differs, and sign it again. Only whoever signed it can.',
  )
}

/** The record has gone on since it was read: what it was made from is not its end any more. */
export function recordMovedOn(event: Vouchable, length: number): Vouched {
  const since = event.of ? length - event.of.length : 0
  if (!event.of)
    return event.type === 'exam-signed'
      ? tooOld('it does not name the record it was made from')
      : refuse('It does not name the record it was made from.', 'Reload the page and keep it again.')
  const words =
    since > 0 ? `The record has grown by ${counted(since, 'entry', 'entries')} since this was read.` : 'The record is another one than this was read from.'
  return event.type === 'exam-signed'
    ? unsigned(`${words} Nothing was signed.`, 'Read the note as it stands now, and sign it again.')
    : refuse(words, 'Read it as it stands now, and keep it again.')
}
