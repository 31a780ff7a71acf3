import { isFhir } from '@/core/exchange/fhir/from'
import { askingOf, noteOnTrail } from '@/server/auth/asking'
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
export const POST = route('/exchange/import', { as: 'json', largest: 8_000_000 }, ({ body, url, request, visitor, who, db }) => {
  if (isFhir(body)) {
    return problemResponse(422, {
      what: 'This is FHIR, and no exam file.',
      kept: KEPT,
      do: 'Import it under “Import and export”, which reads Patients and bundles.',
    })
  }
  const now = Date.now()
  const taken = takeInExam(db, body, whoseOf(url.searchParams.get('person')), { by: who.id, now })
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
