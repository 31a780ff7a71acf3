import type { ExamEvent, StageAnswered, TestStarted, TestStopped } from './event'
import type { Run } from './exam'

/** One change of an answer of the screen; null where a taking-back left none. */
export interface ScreenChange {
  readonly item: string
  readonly answer: 'yes' | 'no' | null
}

/** A change of what answers are read with: the age, or the schools. */
export type FrameChange = { readonly age: number | null } | { readonly schools: Readonly<Record<string, string>> }

/** A warning sign, taken back or not; `id` is its entry. */
export interface WarningTold {
  readonly id: string
  readonly sign: string
}

/**
 * What was on the record at any time, taken back or not.
 *
 * Safety never forgets: a gate that closed stays closed until it is opened with words, whatever was changed since.
 */
export interface Memory {
  /** Every change of an answer of the screen, and of the age and the schools it is read with, oldest first. */
  readonly screen: readonly (ScreenChange | FrameChange)[]
  /** Performances as they stood before an entry of theirs was taken back. */
  readonly runs: readonly Run[]
  readonly warnings: readonly WarningTold[]
}

export const NO_MEMORY: Memory = { screen: [], runs: [], warnings: [] }

/** The memory with one more event, none of which is taken back. */
export function remember(memory: Memory, event: ExamEvent, screen: Readonly<Record<string, 'yes' | 'no'>>): Memory {
  switch (event.type) {
    case 'screen-answered':
      return { ...memory, screen: [...memory.screen, { item: event.item, answer: event.answer }] }
    case 'screen-rest-no': {
      const open = event.items.filter((item) => screen[item] === undefined)
      return open.length === 0 ? memory : { ...memory, screen: [...memory.screen, ...open.map((item) => ({ item, answer: 'no' as const }))] }
    }
    case 'age-corrected':
      return { ...memory, screen: [...memory.screen, { age: event.ageYears }] }
    case 'schools-chosen':
      return { ...memory, screen: [...memory.screen, { schools: event.schools }] }
    case 'warning-seen':
      return { ...memory, warnings: [...memory.warnings, { id: event.id, sign: event.sign }] }
    default:
      return memory
  }
}

/** What a log with entries taken back remembers: all of them, and what each taking-back changed. */
export function memoryOf(
  events: readonly ExamEvent[],
  asRun: (start: TestStarted, answers: readonly StageAnswered[], stopped: TestStopped | null) => Run,
): Memory {
  const given = new Map<string, { readonly id: string; readonly answer: 'yes' | 'no' }[]>()
  const screen: (ScreenChange | FrameChange)[] = []
  const frames: { readonly id: string; readonly kind: string; readonly change: FrameChange }[] = []
  const frame = (id: string, kind: string, change: FrameChange) => {
    frames.push({ id, kind, change })
    screen.push(change)
  }
  const runs: Run[] = []
  const warnings: WarningTold[] = []
  const gone = new Set<string>()
  const byId = new Map(events.map((event) => [event.id, event]))
  const tell = (item: string, id: string, answer: 'yes' | 'no') => {
    given.set(item, [...(given.get(item) ?? []), { id, answer }])
    screen.push({ item, answer })
  }
  const lastOf = (item: string) => given.get(item)?.findLast((g) => !gone.has(g.id))?.answer ?? null
  events.forEach((event, at) => {
    switch (event.type) {
      case 'screen-answered':
        tell(event.item, event.id, event.answer)
        break
      case 'screen-rest-no':
        for (const item of event.items) if (lastOf(item) === null) tell(item, event.id, 'no')
        break
      case 'exam-opened':
      case 'age-corrected':
        frame(event.id, 'age', { age: event.ageYears })
        break
      case 'schools-chosen':
        frame(event.id, 'schools', { schools: event.schools })
        break
      case 'warning-seen':
        warnings.push({ id: event.id, sign: event.sign })
        break
      case 'undone': {
        const target = byId.get(event.target)
        if (target && 'run' in target && !gone.has(target.id)) {
          const run = runBefore(events.slice(0, at), target.run, gone, asRun)
          if (run) runs.push(run)
        }
        gone.add(event.target)
        for (const { kind } of frames.filter((f) => f.id === event.target))
          screen.push(frames.findLast((f) => f.kind === kind && !gone.has(f.id))?.change ?? { schools: {} })
        for (const [item, answers] of given) if (answers.some((g) => g.id === event.target)) screen.push({ item, answer: lastOf(item) })
        break
      }
      default:
        break
    }
  })
  return { screen, runs, warnings }
}

/** One performance as it stood, without what had been taken back before. */
function runBefore(
  events: readonly ExamEvent[],
  id: string,
  gone: ReadonlySet<string>,
  asRun: (start: TestStarted, answers: readonly StageAnswered[], stopped: TestStopped | null) => Run,
): Run | null {
  const mine = events.filter((e) => 'run' in e && e.run === id && !gone.has(e.id))
  const start = mine.find((e) => e.type === 'test-started')
  if (!start) return null
  return asRun(
    start,
    mine.flatMap((e) => (e.type === 'stage-answered' ? [e] : [])),
    mine.findLast((e) => e.type === 'test-stopped') ?? null,
  )
}
