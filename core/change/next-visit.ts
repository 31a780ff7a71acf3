import { episodeOf } from '../record/episode-of'
import type { Assessment } from '../assess'
import type { EarlierRun, Exam, Run } from '../record/exam'
import { signKey } from '../record/visit'
import type { EventContent } from '../record/event'
import { signRunOf, validOf } from './sign-run'
import { comparableSigns } from './signs'

/**
 * What the next visit of an episode begins with: what it is compared with, which signs, and the symptoms with their numbers.
 *
 * The last visit is enough to know it: it holds the baselines of those before. Strengths are left open, for they are asked anew.
 *
 * @param last - the latest visit of the episode, assessed
 * @returns contents of the events that follow the opening, in their order
 */
export function nextVisit(last: Assessment): readonly EventContent[] {
  const { exam } = last
  const visit = exam.episode?.visit ?? 1
  const own = exam.runs.flatMap((run) => {
    const read = signRunOf(run, exam)
    return read ? [{ read, run: brought(run, exam, visit) }] : []
  })
  const baselines = exam.episode?.earlier.filter((run, at, all) => isKept(run, at, all, exam)) ?? []
  const known = new Set(baselines.map(wayKey))
  const fresh = own
    .filter(({ read, run }) => read.complete && !known.has(wayKey(run)))
    .filter((one, at, all) => all.findIndex((o) => wayKey(o.run) === wayKey(one.run)) === at)
  const first = own.filter(({ read }) => read.when.moment === 0)
  const ofSign = (run: Run) => first.filter((o) => signKey(o.run) === signKey(run)).map((o) => o.read)
  const lately = first.filter(({ read, run }) => validOf(ofSign(run), exam) === read)
  const pinned = own.filter(({ run }) => exam.baselines.some((b) => b.run === run.id))
  const earlier = [...new Map([...baselines, ...[...fresh, ...lately, ...pinned].map((o) => o.run)].map((run) => [run.id, run])).values()]
  return [
    {
      type: 'episode-continued',
      episode: episodeOf(exam),
      visit: visit + 1,
      given: exam.described,
      earlier: earlier.toSorted((a, b) => a.visit - b.visit || a.startedAt - b.startedAt),
      treated: [...(exam.episode?.treated ?? []), ...exam.treatments.map(({ at, kind }) => ({ exam: exam.id, at, kind }))],
      signs: comparableSigns(last).map(({ test, side, as, why }) => ({ test: test.id, side, as, why: as === 'proposed' ? why : '' })),
      baselines: exam.baselines,
    },
    ...exam.symptoms.map(
      ({ id, words, places, qualities, bringsOn, eases, stirring }): EventContent => ({
        type: 'symptom-described',
        symptom: id,
        words,
        places,
        qualities,
        now: null,
        bringsOn,
        eases,
        stirring,
      }),
    ),
  ]
}

/** A test done one way on one side: what has a baseline of its own. */
function wayKey({ test, side, variant }: Pick<Run, 'test' | 'side' | 'variant'>): string {
  return `${test} ${side} ${variant}`
}

/** Of what was brought already only baselines go on: the first of each way, and those that were pinned. */
function isKept(run: EarlierRun, at: number, all: readonly EarlierRun[], { baselines }: Exam): boolean {
  return all.findIndex((one) => wayKey(one) === wayKey(run)) === at || baselines.some((b) => b.run === run.id)
}

function brought(run: Run, exam: Exam, visit: number): EarlierRun {
  const overrides = exam.overrides.filter((o) => o.run === run.id).map(({ about, result, why }) => ({ about, result, why }))
  return { ...run, exam: exam.id, visit, overrides }
}
