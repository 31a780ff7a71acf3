import { eventStream } from '@/server/event-stream'
import { deviceChannel } from '@/server/live'

export const dynamic = 'force-dynamic'

/** Frames of the devices paired with this examination, as they arrive. */
export async function GET(request: Request, { params }: { readonly params: Promise<{ examId: string }> }): Promise<Response> {
  const { examId } = await params
  return eventStream(request, deviceChannel(examId))
}
