import { type Card, createEmptyCard, fsrs, generatorParameters, Rating } from 'ts-fsrs'
import type { DrillId, Level } from './drill'

/** An answer that was given, as it is kept. */
export interface Drilled {
  readonly drill: DrillId
  readonly topic: string
  readonly at: number
  readonly level: Level
  readonly right: boolean
  readonly share: number
  readonly error: number | null
}

/** A topic with when it is due again. */
export interface Due {
  readonly drill: DrillId
  readonly topic: string
  readonly at: number
  /** Days it is expected to be kept. */
  readonly stability: number
}

// Without the chance that spreads due days: the same answers give the same days on every machine.
const SCHEDULER = fsrs(generatorParameters({ enable_fuzz: false, request_retention: 0.9 }))

/**
 * When each topic is due again, from all answers given so far: the free spaced repetition scheduler (FSRS, Ye 2022), through its kept
 * library. A right answer is "good", a wrong one "again". Computed anew from the answers, so that nothing else has to be stored.
 */
export function dueOf(answers: readonly Drilled[]): readonly Due[] {
  const cards = new Map<string, { readonly due: Due; readonly card: Card }>()
  for (const answer of answers.toSorted((a, b) => a.at - b.at)) {
    const key = `${answer.drill} ${answer.topic}`
    const at = new Date(answer.at)
    const before: Card = cards.get(key)?.card ?? createEmptyCard(at)
    const { card } = SCHEDULER.next(before, at, answer.right ? Rating.Good : Rating.Again)
    cards.set(key, { card, due: { drill: answer.drill, topic: answer.topic, at: card.due.getTime(), stability: card.stability } })
  }
  return [...cards.values()].map((c) => c.due).toSorted((a, b) => a.at - b.at)
}

/** Right answers in a row that make it harder. */
const UP_AFTER = 2

/**
 * How hard the next question is: two right in a row make it harder, one wrong makes it easier.
 *
 * A transformed up-and-down staircase (Levitt 1971, J Acoust Soc Am 49:467): it settles where about 71 % are right.
 */
export function levelOf(answers: readonly Pick<Drilled, 'right' | 'at'>[]): Level {
  let level = 1
  let row = 0
  for (const { right } of answers.toSorted((a, b) => a.at - b.at)) {
    row = right ? row + 1 : 0
    if (!right) level = Math.max(1, level - 1)
    else if (row >= UP_AFTER) {
      level = Math.min(5, level + 1)
      row = 0
    }
  }
  return level as Level
}

/** The topic to ask next: the one that is overdue longest, else one that was never asked, else the one due soonest. */
export function nextTopic(
  drill: DrillId,
  topics: readonly string[],
  answers: readonly Drilled[],
  now: number,
  pick: (fresh: readonly string[]) => string | undefined,
): string {
  const mine = dueOf(answers.filter((a) => a.drill === drill)).filter((d) => topics.includes(d.topic))
  const overdue = mine.find((d) => d.at <= now)
  if (overdue) return overdue.topic
  const fresh = topics.filter((t) => mine.every((d) => d.topic !== t))
  return pick(fresh) ?? mine[0]?.topic ?? topics[0] ?? ''
}
