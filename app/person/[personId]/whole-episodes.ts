import 'server-only'
import { type EpisodeState, episodeState } from '@/core/change/episode-change'
import { type SignSeries, signSeries, type StoredVisit, type SymptomSeries, symptomSeries } from '@/core/change/series'
import { db } from '@/db'
import { dayOf } from '@/db/day'
import { episodeEntries, episodesOfPerson } from '@/db/queries/episodes'
import { changesOfPerson, performancesOfPerson, visitsOfPerson } from '@/db/queries/signs'
import { caughtUp } from '@/server/projector'

/** One episode, as the page of its person shows it. */
export interface WholeEpisode {
  readonly episode: string
  readonly state: EpisodeState
  readonly visits: readonly StoredVisit[]
  readonly signs: readonly SignSeries[]
  readonly symptoms: readonly SymptomSeries[]
  readonly span: readonly [number, number]
  readonly treated: readonly number[]
}

/** Today on the clinic's clock, YYYY-MM-DD. */
export function clinicDay(): string {
  return dayOf(Date.now())
}

/** Every episode of a person, the latest first. Nothing is folded: all of it is kept as it was read last. */
export function wholeEpisodes(person: string): readonly WholeEpisode[] {
  let visits = visitsOfPerson(db(), person)
  if (caughtUp(visits)) visits = visitsOfPerson(db(), person)
  const performances = performancesOfPerson(db(), person)
  const changes = changesOfPerson(db(), person)
  return episodesOfPerson(db(), person).map(({ episode }) => {
    const mine = visits.filter((visit) => visit.episode === episode)
    const times = [...mine.map((v) => v.at), ...performances.filter((p) => mine.some((v) => v.examId === p.examId)).map((p) => p.at)]
    return {
      episode,
      state: episodeState(episodeEntries(db(), { episode, person })),
      visits: mine,
      signs: signSeries(mine, performances, changes),
      symptoms: symptomSeries(mine),
      span: [Math.min(...times), Math.max(...times)],
      treated: mine.flatMap((visit) => visit.treatments.map((t) => t.at)),
    }
  })
}
