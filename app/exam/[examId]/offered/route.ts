import { takeBack } from '@/server/take-back'
import { askingOf, noteOnTrail } from '@/server/auth/asking'
import { announce } from '@/server/live'
import { projectSoon } from '@/server/projector'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

/**
 * Take back entries that this clinic acknowledged once and lacks since an older backup was put back: 200 with how many were added; 409
 * where the record has gone on differently; 410 for a person who was erased; 422 for what this clinic never acknowledged.
 */
export const POST = route('/exam/[examId]/offered', { as: 'json', largest: 8_000_000 }, ({ params: { examId }, body, db, request, visitor, now }) => {
  const taken = takeBack(db, examId, body, now)
  if (!taken.ok) return problemResponse(taken.status, taken.problem)
  if (taken.added > 0) {
    noteOnTrail(askingOf(request, visitor, now), 'offered-back', examId, `entries: ${taken.added}`)
    announce(examId, taken.length)
    projectSoon(examId)
  }
  return Response.json({ added: taken.added, length: taken.length })
})
