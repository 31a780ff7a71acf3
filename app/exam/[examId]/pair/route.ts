import { db } from '@/db'
import { examHead } from '@/db/queries/exams'
import { pair } from '@/server/pairing'
import { problemResponse, readBody } from '@/server/route'

/** A code for a phone or a device: 201 with the code and when it stops working, 404 without such an examination. */
export async function POST(request: Request, { params }: { readonly params: Promise<{ examId: string }> }): Promise<Response> {
  const { examId } = await params
  const body = await readBody(request)
  if (!body.ok) return body.response
  if (!examHead(db(), examId)) {
    return problemResponse(404, { what: 'There is no such examination.', kept: 'Nothing was written.', do: 'Open it from Today.' })
  }
  const { code, until } = pair(examId)
  return Response.json({ code, until }, { status: 201 })
}
