import { format } from 'date-fns'
import { notFound } from 'next/navigation'
import { changesAbout } from '@/db/queries/erase'
import { examsOfPerson } from '@/db/queries/exams'
import { personById } from '@/db/queries/people'
import { clinicDay } from '@/server/clinic-day'
import { page, pageMetadata } from '@/server/auth/page'
import { Button } from '@/ui/button'
import { PrintFoot } from '@/ui/print-foot'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { Textures } from '@/ui/textures'
import { Episode } from './episode'
import { ArchiveButton, EraseForm, FirstExam } from './lazily'
import { wholeEpisodes } from './whole-episodes'

/** The number and not the name: a browser keeps titles in its history. */
export const generateMetadata = pageMetadata('/person/[personId]', ({ params: { personId }, db }) => {
  const person = personById(db, personId)
  return { title: person ? `Person, number ${person.number}` : 'Nobody here' }
})

const KINDS = { corrected: 'details corrected', moved: 'an examination moved', merged: 'two numbers joined' } as const

export default page('/person/[personId]', ({ who, params: { personId }, db }) => {
  const person = personById(db, personId)
  if (!person) notFound()
  const exams = examsOfPerson(db, personId)
  const episodes = wholeEpisodes(db, personId)
  const changes = changesAbout(db, [personId, ...exams.map((exam) => exam.id)])
  return (
    <>
      <SiteHeader who={who} />
      <PrintFoot about={`${person.name}, number ${person.number}, ${clinicDay()}`} version="" />
      <Textures />
      <main className="mx-auto max-w-6xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">{person.name}</ScreenTitle>
        <p className="mt-2 text-ash">{[`number ${person.number}`, person.born && `born ${person.born}`, person.work].filter(Boolean).join(', ')}</p>
        {exams.length === 0 && (
          <>
            <p className="mt-4">No examination is filed under this number.</p>
            <FirstExam person={person} />
          </>
        )}
        {episodes.map((whole) => (
          <Episode key={whole.episode} whole={whole} personId={personId} today={clinicDay()} />
        ))}
        {changes.length > 0 && (
          <>
            <h2 className="mt-6 text-xl">Put right</h2>
            <ul className="mt-2">
              {changes.map((change) => (
                <li key={change.id} className="border-t border-hair py-2">
                  <span className="figures mr-4 text-ash">{format(change.at, 'd MMM yyyy, HH:mm')}</span>
                  {KINDS[change.kind]} by {change.by}: {change.why}
                </li>
              ))}
            </ul>
          </>
        )}
        <h2 className="no-print mt-8 text-xl">Everything that is kept</h2>
        <p className="no-print mt-2 text-ash">
          Who they are, every examination, what was put right and who opened what, as one open file. Saving it is written on the trail.
        </p>
        <div className="no-print flex flex-wrap items-center gap-x-4">
          <Button asChild className="mt-3">
            <a href={`/person/${person.id}/export`} download>
              Save everything about this person
            </a>
          </Button>
          <ArchiveButton href={`/person/${person.id}/archive`} words="Save an archive: notes, letters, FHIR, tables" />
        </div>
        {who.role === 'lead' && <EraseForm personId={person.id} number={person.number} name={person.name} exams={exams.length} />}
      </main>
    </>
  )
})
