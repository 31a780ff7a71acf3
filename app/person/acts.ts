import 'server-only'
import * as yup from 'yup'
import { episodeChange } from '@/core/change/episode-change'
import { UUID } from '@/core/record/shapes'
import type { Problem } from '@/core/vocabulary/problem'
import { db } from '@/db'
import { changeEpisode } from '@/db/queries/episodes'
import { openVisit } from '@/db/queries/open-visit'
import { action } from '@/server/action'
import { houseEvents } from '@/server/house-events'
import { projectSoon } from '@/server/projector'
import type { Who } from '@/server/who'

const ID = yup.string().strict().required().matches(UUID, 'This names nothing here.')

/** Open the next visit of an episode. The same number again changes nothing. */
export const startVisit = action((who: Who, examId: unknown, personId: unknown, episode: unknown): Problem | null => {
  const id = ID.validateSync(examId)
  const name = { person: ID.validateSync(personId), episode: ID.validateSync(episode) }
  const problem = openVisit(db(), name, { examId: id, by: who.id, at: Date.now(), house: houseEvents() })
  if (!problem) projectSoon(id)
  return problem
})

/** Say something of an episode: that it is closed, when somebody is due, what its source turned out to be. */
export const change = action((who: Who, id: unknown, personId: unknown, episode: unknown, said: unknown): Problem | null => {
  const now = Date.now()
  const name = { person: ID.validateSync(personId), episode: ID.validateSync(episode) }
  return changeEpisode(db(), { id: ID.validateSync(id), by: who.name, at: now }, name, episodeChange(said, now))
})
