import type { Frame } from '@/core/metrology/frame'

/** Send frames to the examination a code belongs to, one a line. False when they did not arrive. */
export async function sendFrames(code: string, frames: readonly Frame[]): Promise<boolean> {
  try {
    const body = frames.map((frame) => JSON.stringify(frame)).join('\n')
    const answer = await fetch(`/devices/${encodeURIComponent(code)}`, { method: 'POST', headers: { 'content-type': 'application/x-ndjson' }, body })
    return answer.ok
  } catch {
    return false
  }
}
