import { parseFrame } from '@/core/metrology/frame'
import { tellDevices } from '@/server/live'
import { mayPost, openCode } from '@/server/pairing'
import { askingOf } from '@/server/auth/asking'
import { problemResponse, route } from '@/server/route'

/** Frames a device may send at once, and their longest text in bytes. */
const MOST = 200
const LONGEST = 40_000

/**
 * Take frames from a paired device, one JSON frame a line.
 *
 * 202 when all were passed on, with how many windows have its bench open; 404 for a code that does not work; 413 too much at once; 422 with the first line that is
 * no frame; 429 too often. Nothing here is stored: what counts is what the practitioner records.
 */
export const POST = route('/devices/[code]', { as: 'text', largest: LONGEST }, ({ params: { code }, body, request, visitor }) => {
  const refuse = (status: number, what: string, todo: string) => problemResponse(status, { what, kept: 'Nothing was passed on.', do: todo })
  const opened = openCode(code, askingOf(request, visitor, Date.now()).address)
  if (!opened.ok) return refuse(opened.status, 'This code does not work.', 'Ask for a new one.')
  if (!mayPost(opened.pairing.code)) return refuse(429, 'That came too often.', 'Send fewer frames at once.')
  const lines = body.split('\n').filter((line) => line.trim() !== '')
  if (lines.length > MOST) return refuse(413, 'That is more than can be taken at once.', `Send at most ${MOST} frames.`)
  const frames = lines.map(parseFrame)
  const bad = frames.indexOf(null)
  if (bad >= 0 || frames.length === 0) return refuse(422, `Line ${bad + 1} is not a frame.`, 'See the frame protocol in docs.')
  const heard = frames.map((frame) => (frame ? tellDevices(opened.pairing.examId, frame) : 0))
  return Response.json({ heard: Math.max(...heard) }, { status: 202 })
})
