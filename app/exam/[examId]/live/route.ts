import { eventStream } from '@/server/event-stream'

export const dynamic = 'force-dynamic'

/** The length of this examination's record whenever it grows. Windows then ask for what they lack. */
export async function GET(request: Request, { params }: { readonly params: Promise<{ examId: string }> }): Promise<Response> {
  const { examId } = await params
  return eventStream(request, examId)
}
