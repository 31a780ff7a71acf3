import http from 'node:http'
import { v7 } from 'uuid'
import { ratio, report, share } from '../measure'
import { proofClinic } from './clinic'

const APPENDS = 200

/**
 * So many streams open while entries are appended to the examination all of them follow: the append beside one without any, and how long
 * the server takes to end with all of them open.
 */
export async function streams(count: number): Promise<boolean> {
  const clinic = await proofClinic(true)
  const server = await clinic.start()
  const append = async () => {
    const event = { type: 'symptom-rated', symptom: 'S1', now: 3, id: v7(), at: Date.now(), by: 'x' }
    const began = performance.now()
    const response = await fetch(`${server.url}/exam/${clinic.examId}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ after: 1_000_000, events: [event] }),
    })
    await response.text()
    if (response.status !== 200) throw new Error(`An append was answered with ${response.status}.`)
    return performance.now() - began
  }
  const many = async () => {
    const times: number[] = []
    for (let i = -20; i < APPENDS; i++) {
      const ms = await append()
      if (i >= 0) times.push(ms)
    }
    return times.toSorted((a, b) => a - b)
  }
  const alone = share(await many(), 0.5)
  let told = 0
  const open = await Promise.all(
    Array.from(
      { length: count },
      () =>
        new Promise<http.IncomingMessage>((resolve, reject) => {
          http
            .get(`${server.url}/live?exam=${clinic.examId}`, { agent: false }, (response) => {
              response.on('data', (chunk: Buffer) => {
                told += chunk.toString().split('"grew"').length - 1
              })
              response.on('error', () => undefined)
              resolve(response)
            })
            .on('error', reject)
        }),
    ),
  )
  const answered = open.filter((response) => response.statusCode === 200).length
  const beside = share(await many(), 0.5)
  const ended = await server.stop()
  clinic.remove()
  report(`Appending with ${count} streams open`, [
    `without one: median ${alone.toFixed(1)} ms; with ${answered}: ${beside.toFixed(1)} ms, ${ratio(beside, alone)} as long; ${told} words reached them`,
    `told to end with all of them open, the server is gone after ${Math.round(ended)} ms`,
  ])
  return answered === count && beside / alone <= 3 && ended < 5000
}
