import { askingOf, noteOnTrail } from '@/server/auth/asking'
import { runJob } from '@/server/jobs/run'
import { KEPT, takeInExam, whoseOf } from '@/server/outside/take-in'
import { projectSoon } from '@/server/projector'
import { problemResponse, route } from '@/server/route'

/**
 * Import an examination file: 200 with its id once it is on disk; 409 with who it may be when somebody alike is here, or when the
 * examination is here and differs; 422 with what is wrong and where.
 *
 * `person` says whose it is: the id of somebody who is here, `new`, or `same` for whoever has the same name and day of birth; without it
 * nobody is joined to anybody unasked.
 */
export const POST = route('/exchange/import', { as: 'text', largest: 8_000_000 }, async ({ body, url, request, visitor, who, db, now }) => {
  // Reading and checking thousands of entries takes seconds: nobody else waits for it.
  const read = await runJob('read-import', { text: body, now })
  const taken = takeInExam(db, read, whoseOf(url.searchParams.get('person')), { by: who.id, now })
  switch (taken.as) {
    case 'refused':
      return problemResponse(taken.status, taken.problem)
    case 'asked': {
      const { name, born } = taken.named
      return Response.json(
        { what: `${name} may be here already.`, kept: KEPT, do: 'Say whose examination this is.', choose: { name, born, people: taken.people } },
        { status: 409 },
      )
    }
    case 'known':
      return Response.json({ examId: taken.examId, known: true })
    case 'taken':
      noteOnTrail(askingOf(request, visitor, now), 'imported', taken.examId ?? '')
      if (taken.examId !== null) projectSoon(taken.examId)
      return Response.json({ examId: taken.examId })
  }
})
