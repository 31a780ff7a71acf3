import * as yup from 'yup'
import { takeInPerson, whoseOf } from '@/server/outside/take-in'
import { problemResponse, route } from '@/server/route'

const PERSON = yup
  .object({ name: yup.string().strict().trim().min(1).max(300).required(), born: yup.string().strict().nullable().defined() })
  .noUnknown()
  .strict()
  .required()

/** Enter a person of another program, without an examination: 200 with their id; 409 with who it may be; 422 with what is wrong. */
export const POST = route('/exchange/people', { as: 'json' }, ({ body, url, who, db }) => {
  if (!PERSON.isValidSync(body, { strict: true }))
    return problemResponse(422, {
      what: 'This names no person.',
      kept: 'Nothing was imported; everything here is as it was.',
      do: 'Enter the person by hand on Today.',
    })
  const taken = takeInPerson(db, body, whoseOf(url.searchParams.get('person')), { by: who.id, now: Date.now() })
  switch (taken.as) {
    case 'refused':
      return problemResponse(taken.status, taken.problem)
    case 'asked':
      return Response.json(
        {
          what: `${taken.named.name} may be here already.`,
          kept: 'Nobody was entered.',
          do: 'Say whether it is the same person.',
          choose: { ...taken.named, people: taken.people },
        },
        { status: 409 },
      )
    case 'known':
      return Response.json({ personId: taken.personId, known: true })
    case 'taken':
      return Response.json({ personId: taken.personId })
  }
})
