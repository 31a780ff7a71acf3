import { chromium, type Page } from '@playwright/test'
import { assess } from '../core/assess'
import { routeOf } from '../core/planner/route'
import { composedId } from '../core/record/compose'
import { appendEvents } from '../db/queries/exam-events'
import { bookExam } from '../db/queries/exams'
import { addPerson } from '../db/queries/people'
import { CHROMIUM } from '../e2e/chromium'
import { opened } from '../tests/people'
import { ratio, report, share } from './measure'
import { withServers } from './servers'

const PAINTS = 12
const KEYS = 40
const PRESSES = 100

/** A complaint from head to foot, so that the plan is as long as it gets. */
const everywhere = () =>
  opened()
    .symptom('S1', {
      words: 'everywhere',
      places: ['left-back-of-head', 'left-neck-back', 'left-forearm-back', 'left-low-back', 'left-buttock', 'left-thigh-front', 'left-calf'],
      qualities: ['aching'],
      now: 3,
    })
    .consent()

/** What hands feel on the bench with the longest plan there is: first paint, a key to its picture, a bell to the bench. */
export async function hands(): Promise<void> {
  const record = everywhere()
  const { id, personId } = record.exam
  const planned = routeOf(assess(record.exam)).flatMap((leg) => leg.steps).length
  const fill: Parameters<typeof withServers>[0] = (db) => {
    addPerson(db, { id: personId, name: 'bench', born: null, work: '' }, 1)
    bookExam(db, { id, personId, at: 1 })
    const stored = appendEvents(db, id, record.events)
    if (!stored.ok) throw new Error(stored.problem.what)
  }
  await withServers(fill, async ({ ours, bare }) => {
    const browser = await chromium.launch(CHROMIUM)
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    const paints: Record<'ours' | 'bare', number[]> = { ours: [], bare: [] }
    for (let i = -2; i < PAINTS; i++) {
      for (const [name, url] of [['bare', bare] as const, ['ours', `${ours}/exam/${id}/bench`] as const]) {
        const paint = await firstPaint(page, url)
        if (i >= 0) paints[name].push(paint)
      }
    }
    const keys = await keyToPicture(page)
    const bells = await bellToBench(ours, id)
    await browser.close()
    for (const list of [paints.ours, paints.bare, keys, bells.bell, bells.health]) list.sort((a, b) => a - b)
    report(`The bench in the browser, with ${planned} planned tests`, [
      `first paint: median ${share(paints.ours, 0.5).toFixed(0)} ms, ${ratio(share(paints.ours, 0.5), share(paints.bare, 0.5))} the least page of the framework`,
      `a key to its picture: median ${share(keys, 0.5).toFixed(0)} ms, 95th percentile ${share(keys, 0.95).toFixed(0)} ms`,
      `a press of the bell to the bench: median ${share(bells.bell, 0.5).toFixed(1)} ms, 95th percentile ${share(bells.bell, 0.95).toFixed(1)} ms, ${ratio(share(bells.bell, 0.5), share(bells.health, 0.5))} the least answer of the server`,
    ])
  })
}

async function firstPaint(page: Page, url: string): Promise<number> {
  await page.goto(url)
  const told = () => page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? -1)
  for (;;) {
    const at = await told()
    if (at >= 0) return at
    await page.waitForTimeout(20)
  }
}

/** From a key of the keyboard to the frame after the one that shows what it did. */
async function keyToPicture(page: Page): Promise<number[]> {
  await page.waitForSelector('#in-hand')
  await page.evaluate(() => {
    const times: number[] = []
    Object.assign(window, { keyTimes: times })
    window.addEventListener('keydown', (e) => requestAnimationFrame(() => requestAnimationFrame(() => times.push(performance.now() - e.timeStamp))), {
      capture: true,
    })
  })
  for (let i = 0; i < KEYS; i++) {
    await page.keyboard.press(i % 2 === 0 ? 'Space' : 'Backspace')
    await page.waitForTimeout(80)
  }
  return page.evaluate(() => (window as unknown as { keyTimes: number[] }).keyTimes)
}

/** From the phone's post to the frame on the bench's own stream; and the least answer of the server, in turn. */
async function bellToBench(ours: string, examId: string): Promise<{ readonly bell: number[]; readonly health: number[] }> {
  const { code } = (await (await fetch(`${ours}/exam/${examId}/pair`, { method: 'POST', body: '{}' })).json()) as { code: string }
  const end = new AbortController()
  const opened = await fetch(`${ours}/live?exam=${examId}`, { signal: end.signal })
  const stream = opened.body?.getReader()
  if (!opened.ok || !stream) throw new Error(`The stream did not open: ${opened.status}.`)
  const bell: number[] = []
  const health: number[] = []
  const press = JSON.stringify({ t: 1, channel: 'button', unit: '1', value: 1, device: composedId(1, 'bell', 1).slice(0, 8) })
  for (let i = 0; i < PRESSES; i++) {
    const began = performance.now()
    const sent = fetch(`${ours}/devices/${code}`, { method: 'POST', body: press })
    for (;;) {
      const { value, done } = await stream.read()
      if (done) throw new Error('The stream ended.')
      if (new TextDecoder().decode(value).includes('"button"')) break
    }
    bell.push(performance.now() - began)
    await sent
    const asked = performance.now()
    await (await fetch(`${ours}/health`)).text()
    health.push(performance.now() - asked)
    // Fewer than the server lets through in a second.
    await new Promise((resolve) => setTimeout(resolve, 45))
  }
  end.abort()
  return { bell, health }
}
