import type { Frame } from '@/core/metrology/frame'

/** What became of frames that were sent: some window has the examination open, none has, or they did not arrive. */
export type Sent = 'heard' | 'nobody' | 'lost'

/** Send frames to the examination a code belongs to, one a line. */
export async function sendFrames(code: string, frames: readonly Frame[]): Promise<Sent> {
  try {
    const body = frames.map((frame) => JSON.stringify(frame)).join('\n')
    const answer = await fetch(`/devices/${encodeURIComponent(code)}`, { method: 'POST', headers: { 'content-type': 'application/x-ndjson' }, body })
    if (!answer.ok) return 'lost'
    const { heard } = (await answer.json()) as { heard: number }
    return heard > 0 ? 'heard' : 'nobody'
  } catch {
    return 'lost'
  }
}
