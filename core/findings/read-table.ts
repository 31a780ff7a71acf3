import type { Line, Points, Seen, Table } from '../catalogue/reading/table'
import type { Familiar } from '../record/answer'
import type { Exam, Run } from '../record/exam'
import { HAND } from '../vocabulary/area-sets'
import { areaOf, sideOf } from '../vocabulary/body-area'
import { otherSide, type Side } from '../vocabulary/side'
import { craniocervicalScores } from './craniocervical'
import { acrossFrom, nervesOf } from './deficits'
import type { Reproduction } from '../record/ladder'
import { isNeural, riseNeeded, riseOf, symptomOf } from './familiar'
import type { Read } from './finding'
import { gainOf } from './gain'
import { meanOf } from './measures'
import { placesWords, sentence } from './place-fits'

/** One performance, the side it is read for, and the story it is read against. */
export interface About {
  readonly run: Pick<Run, 'answers' | 'variant'> & Partial<Pick<Run, 'side' | 'test'>>
  readonly side: Side
  /** Its other performances are needed only where one side is compared with the other. */
  readonly exam: Pick<Exam, 'symptoms'> & Partial<Pick<Exam, 'runs'>>
}

/**
 * Read a performance by its table: the first line that was seen decides.
 *
 * What was not looked at is never seen, so it decides nothing; and a test that was stopped with nothing found is
 * inconclusive, never negative.
 *
 * @returns null when none of the stages this reading needs was answered
 */
export function readTable(
  reading: Table,
  run: Run,
  side: Side,
  exam: Pick<Exam, 'symptoms' | 'runs'>,
  { complete, missing, seen, own, relieving }: Performed,
): Read | null {
  const about: About = { run, side, exam }
  if (reading.needs && !run.answers.some((a) => reading.needs?.some((stage) => a.stage === named(stage, side)))) return null
  const told = tellingOne(own, side, reading)
  if (told) {
    const rise = riseOf(told, symptomOf(exam, told))
    if (!rise.enough)
      return unclear(`${told.symptom} was felt in the ${placesWords(told.places)} but did not rise enough to be called reproduced (${rise.words})`)
    if (told.places.length === 0 && reading.counts.length > 0) return unclear(`${told.symptom} came on but its place was not recorded, and the place decides`)
  }
  const relieved = relief(run, relieving, exam)
  if (relieved === 'nothing-there' && run.answers.some((a) => a.answer.said === 'eased' || a.answer.said === 'unchanged'))
    return unclear('No symptom was there to relieve, so it says nothing')
  if (relieved !== null && relieved !== 'nothing-there' && !relieved.enough)
    return unclear(`The symptom did not fall enough to be called eased (${relieved.words})`)
  const line = reading.lines.find((l) => wasSeen(l.when, about))
  const decided: Omit<Line, 'when'> = line ?? reading.otherwise
  const quiet = line === undefined || line.result === 'negative'
  if (!complete && quiet) return unclear('Stopped before the test was complete, with nothing found so far')
  if (missing && quiet) return unclear('Not all of it was looked at, and nothing found so far')
  const amount = relieved !== null && relieved !== 'nothing-there' ? relieved.words : ''
  const observed = [told ? telling(told, exam) : '', seen, amount].filter(Boolean).join('; ')
  const why = sentence(observed ? `${observed}: ${decided.says}` : decided.says)
  const whole = [why, gainWords(reading, run), scoreWords(reading, run)].filter(Boolean).join(' ')
  const extra = reading.also.filter((a) => wasSeen(a.when, about)).flatMap((a) => readingsOf(a.points, sentence(a.says)))
  return { result: decided.result, why: whole, readings: [...readingsOf(decided.points, why), ...extra] }
}

/** How far a performance came, and what was observed. */
export interface Performed {
  readonly complete: boolean
  /** Cells that the reading looks at were not filled. */
  readonly missing: boolean
  /** What was observed, in words; it stands before the reason. */
  readonly seen: string
  /** Stages that take something off a symptom. */
  readonly relieving: readonly string[]
  /** Own symptoms that came on, oldest first. */
  readonly own: readonly Reproduction[]
}

/** The own symptom that is told: one in a place that counts on this side, else the first. */
function tellingOne(own: readonly Reproduction[], side: Side, { counts }: Table): Familiar | null {
  const there = own.find(({ answer }) => answer.places.some((p) => sideOf(p) === side && counts.includes(areaOf(p))))
  return (there ?? own[0])?.answer ?? null
}

/** How much a symptom eased; null where nothing was taken off, or how much was not asked. */
function relief(
  run: Run,
  relieving: readonly string[],
  exam: Pick<Exam, 'symptoms'>,
): { readonly enough: boolean; readonly words: string } | 'nothing-there' | null {
  const stages = new Set(relieving)
  if (stages.size === 0) return null
  // The strongest symptom at rest is what can be relieved; one that was not rated may be there.
  const rests = exam.symptoms.map((s) => s.now)
  if (rests.length > 0 && rests.every((now) => now === 0)) return 'nothing-there'
  const answer = run.answers.find((a) => stages.has(a.stage) && a.answer.said === 'eased')?.answer
  if (answer?.said !== 'eased' || answer.intensity === undefined) return null
  const rest = Math.max(0, ...rests.flatMap((now) => now ?? []))
  const words = [
    `${rest} to ${answer.intensity} of 10`,
    answer.newtons === undefined ? '' : `${answer.newtons} N`,
    answer.held === undefined ? '' : `${answer.held} s`,
  ]
  return { enough: rest - answer.intensity >= riseNeeded(rest), words: words.filter(Boolean).join(', ') }
}

/** What a range gained between two stages; nothing where the reading asks for none. */
function gainWords({ gain }: Table, run: Pick<Run, 'answers'>): string {
  const before = gain && meanOf(run, gain.before)
  const after = gain && meanOf(run, gain.after)
  return gain && before !== undefined && after !== undefined ? sentence(gainOf(before, after, gain.mdc).words) : ''
}

/** Activation score and performance index, where the reading asks for them. */
function scoreWords({ scores }: Table, run: Pick<Run, 'answers'>): string {
  const cells = scores && run.answers.find((a) => a.stage === scores.pressures)?.answer
  if (!scores || cells?.said !== 'grid') return ''
  const steady = Object.entries(cells.cells).flatMap(([cell, value]) => (value === 'steady' ? [Number(cell.replace(/\D/g, ''))] : []))
  const { activation, index } = craniocervicalScores(steady, meanOf(run, scores.holds) ?? 0)
  return `Activation score ${activation}, performance index ${index} of 100.`
}

/** Was this seen in the performance, for this side? */
export function wasSeen(seen: Seen, about: About): boolean {
  const { run, side } = about
  switch (seen.kind) {
    case 'familiar':
      return run.answers.some(({ answer, stage }) => {
        if (answer.said !== 'familiar') return false
        if (seen.stages && !seen.stages.some((s) => named(s, side) === stage)) return false
        if (seen.shooting && !isNeural(symptomOf(about.exam, answer))) return false
        const sides = seen.side === 'either' ? (['left', 'right'] as const) : [seen.side === 'tested' ? side : otherSide(side)]
        return answer.places.some((p) => sides.includes(sideOf(p)) && (!seen.at || seen.at.includes(areaOf(p))))
      })
    case 'chose':
      return run.answers.some((a) => a.stage === named(seen.stage, side) && a.answer.said === 'observed' && picked(seen.choices, a.answer.choice, side))
    case 'cells': {
      const found = run.answers.findLast((a) => a.stage === seen.stage)?.answer
      if (found?.said !== 'grid') return false
      const hits = Object.entries(found.cells).filter(([id, value]) => {
        const [row = '', column] = id.split('.')
        return column === named(seen.column, side) && (!seen.rows || seen.rows.includes(row)) && picked(seen.values, value, side)
      })
      return hits.length >= seen.atLeast
    }
    case 'mean': {
      const value = meanOf(run, named(seen.stage, side))
      return value !== undefined && value >= seen.from && value <= seen.to
    }
    case 'limited':
      return run.answers.some(
        (a) => a.stage === seen.stage && a.answer.said === 'measured' && a.answer.limitedBy !== undefined && seen.by.includes(a.answer.limitedBy),
      )
    case 'said':
      return run.answers.some((a) => (!seen.stage || a.stage === named(seen.stage, side)) && seen.what.includes(a.answer.said))
    case 'deficit': {
      const other = run.side && run.test ? acrossFrom({ test: run.test, side: run.side }, about.exam.runs ?? []) : undefined
      return nervesOf(run, side, other).deficits.some((d) => d.kind === seen.of && (!seen.rows || seen.rows.includes(d.row)))
    }
    case 'tested-side':
      return run.side !== undefined && (seen.is === 'same') === (run.side === side)
    case 'in-variant':
      return seen.variants.includes(run.variant)
    case 'painted':
      return about.exam.symptoms.some((s) => s.places.some((p) => sideOf(p) === side && seen.at.includes(areaOf(p))))
    case 'some':
      return seen.of.filter((part) => wasSeen(part, about)).length >= seen.k
    case 'unless':
      return !wasSeen(seen.of, about)
  }
}

function picked(choices: readonly string[], choice: string, side: Side): boolean {
  return choices.some((c) => named(c, side) === choice)
}

/** A stage or column with the side put in. */
function named(name: string, side: Side): string {
  if (!name.includes('{')) return name
  return name.replaceAll('{side}', side).replaceAll('{other}', otherSide(side))
}

/** How far an arm symptom travelled from the neck, where it did: the farthest painted part says. */
function travelled(told: Familiar): string {
  const areas = told.places.map(areaOf)
  if (areas.some((a) => HAND.includes(a))) return ', down to the hand'
  if (areas.some((a) => a.startsWith('forearm'))) return ', below the elbow'
  if (areas.some((a) => a.startsWith('upper-arm'))) return ', to the upper arm'
  return areas.includes('shoulder-blade') ? ', to the shoulder blade' : ''
}

/** "S1 in the right forearm at 30°, after 40 s, 3 to 6 of 10" */
function telling(told: Familiar, exam: Pick<Exam, 'symptoms'>): string {
  const angle = told.onset === undefined ? '' : ` at ${told.onset}°`
  const held = told.held === undefined ? '' : `, after ${told.held} s`
  return `${told.symptom} in the ${placesWords(told.places)}${travelled(told)}${angle}${held}, ${riseOf(told, symptomOf(exam, told)).words}`
}

function readingsOf(points: readonly Points[], why: string): Read['readings'] {
  return points.map((p) => ({ ...p, why }))
}

function unclear(what: string): Read {
  return { result: 'inconclusive', why: sentence(what), readings: [] }
}
