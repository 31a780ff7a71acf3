import { readFileSync } from 'node:fs'
import http from 'node:http'
import { v7 } from 'uuid'
import { openDb } from '../../db/open'
import { overviewsOfOtherDays } from '../../db/queries/overviews'
import { fillBigClinic } from '../big-clinic'
import { ratio, report, share } from '../measure'
import { proofClinic } from './clinic'

const PRACTITIONERS = 50
const STREAMS = 200

/** Memory a process has in use, in MB. */
function memoryOf(pid: number): number {
  const kb = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]
  return Number(kb ?? NaN) / 1000
}

/**
 * A clinic of many years with fifty practitioners at work and two hundred streams open: what each waits for an answer beside what one alone
 * waits at the same server before, and the memory at the end beside the middle.
 *
 * @param exams - how many examinations lie in it
 * @param seconds - for how long they work
 */
export async function load(exams: number, seconds: number): Promise<boolean> {
  const clinic = await proofClinic(true)
  const db = openDb(clinic.file)
  fillBigClinic(db, exams, Date.now() - 86_400_000)
  const now = Date.now()
  const ids = overviewsOfOtherDays(db, { from: now, to: now }, PRACTITIONERS).map((row) => row.examId)
  db.$client.close()
  const server = await clinic.start()
  const pid = server.process.pid ?? 0
  const agent = new http.Agent({ keepAlive: true, maxSockets: 64 })
  const ask = (path: string, body?: object): Promise<number> =>
    new Promise((resolve, reject) => {
      const began = performance.now()
      const url = new URL(path, server.url)
      const request = http.request(url, { agent, method: body ? 'POST' : 'GET', headers: body ? { 'content-type': 'application/json' } : {} }, (response) => {
        response.resume()
        response.on('end', () =>
          (response.statusCode ?? 500) < 500 ? resolve(performance.now() - began) : reject(new Error(`${path} gave ${response.statusCode ?? 0}`)),
        )
      })
      request.on('error', reject)
      request.end(body && JSON.stringify(body))
    })
  const work = async (examId: string, until: number, times: number[], restMs: number) => {
    while (performance.now() < until) {
      const event = { type: 'symptom-rated', symptom: 'S1', now: 3, id: v7(), at: Date.now(), by: 'x' }
      times.push(await ask(`/exam/${examId}/events`, { after: 1_000_000, events: [event] }))
      if (times.length % 12 === 0) times.push(await ask(`/exam/${examId}/record`))
      if (times.length % 30 === 0) times.push(await ask('/today/rows?find=saltmarsh'))
      await new Promise((resolve) => setTimeout(resolve, restMs * (0.5 + ((times.length * 7) % 10) / 10)))
    }
  }
  const sorted = (times: readonly number[]) => times.toSorted((a, b) => a - b)
  const alone: number[] = []
  await work(ids[0] ?? '', performance.now() + 6000, [], 20)
  await work(ids[0] ?? '', performance.now() + 8000, alone, 20)
  const streams = await Promise.all(
    Array.from(
      { length: STREAMS },
      (_, n) =>
        new Promise<http.IncomingMessage>((resolve, reject) => {
          http
            .get(`${server.url}/live?exam=${ids[n % ids.length] ?? ''}`, { agent: false }, (response) => {
              response.resume()
              response.on('error', () => undefined)
              resolve(response)
            })
            .on('error', reject)
        }),
    ),
  )
  const open = streams.filter((stream) => stream.statusCode === 200).length
  const together: number[] = []
  const end = performance.now() + seconds * 1000
  const memory: number[] = []
  const watch = setInterval(() => memory.push(memoryOf(pid)), 1000)
  // A practitioner gives an answer every second or two.
  const failed = await Promise.allSettled(ids.map((id) => work(id, end, together, 1500))).then((all) => all.filter((one) => one.status === 'rejected').length)
  clearInterval(watch)
  const ended = await server.stop()
  clinic.remove()
  const [idle, busy] = [sorted(alone), sorted(together)]
  const middle = share(sorted(memory.slice(Math.floor(memory.length * 0.4), Math.ceil(memory.length * 0.6))), 0.5)
  const last = share(sorted(memory.slice(-5)), 0.5)
  report(`${exams} examinations, ${PRACTITIONERS} practitioners at work, ${open} streams open, ${seconds} s`, [
    `${together.length} answers: median ${share(busy, 0.5).toFixed(1)} ms, 99 of 100 within ${share(busy, 0.99).toFixed(0)} ms; one practitioner alone: ${share(idle, 0.5).toFixed(1)} and ${share(idle, 0.99).toFixed(0)} ms`,
    `${ratio(share(busy, 0.5), share(idle, 0.5))} the median, ${ratio(share(busy, 0.99), share(idle, 0.99))} the slowest of a hundred; ${failed} practitioners were given up on`,
    `memory in the middle ${middle.toFixed(0)} MB, at the end ${last.toFixed(0)} MB: ${ratio(last, middle)}; the server ended in ${Math.round(ended)} ms`,
  ])
  return failed === 0 && open === STREAMS && share(busy, 0.99) < 1000 && last / middle < 1.25
}
