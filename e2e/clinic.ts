import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import path from 'node:path'
import AxeBuilder from '@axe-core/playwright'
import { type APIResponse, expect, type Page, test as base } from '@playwright/test'
import type { ExamEvent } from '../core/record/event'
import { type Exam, examFrom } from '../core/record/exam'
import { fillDemoClinic } from '../db/demo/clinic'
import { openDb } from '../db/open'
import { examHeads } from '../db/queries/exams'
import { serve, type Served } from '../tests/served'

/** The built application with a clinic of its own, which a story can kill and start again. */
export interface Clinic {
  readonly url: string
  /** Where its data lies. */
  readonly folder: string
  examOf(name: string): string
  /** Killed as by a power cut: nothing is flushed, nothing said goodbye. */
  kill(): Promise<void>
  /** Told to end, as when the computer is shut down. */
  stop(): Promise<void>
  start(): Promise<void>
  /** Set the clock of the server: it stands at this moment until it is set again. */
  stopClock(at: number): void
  /** What the start program wrote for whoever started it. */
  said(): string
}

/** Open a clinic on a free port; the caller closes it. */
export async function openClinic({ demo = true }: { readonly demo?: boolean } = {}): Promise<Clinic & { readonly close: () => Promise<void> }> {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-e2e-'))
  const file = path.join(folder, 'clinic.sqlite')
  const db = openDb(file)
  fillDemoClinic(db, new Date())
  // The latest of each person.
  const exams = new Map(
    examHeads(db)
      .toReversed()
      .map((head) => [head.person.name, head.id]),
  )
  db.$client.close()
  const port = await freePort()
  const url = `http://127.0.0.1:${port}`
  let server: Served | null = null
  const clock = path.join(folder, 'clock')
  const start = async () => {
    server = await serve({ folder, port, demo, clock })
  }
  const kill = async () => {
    const dying = server
    server = null
    await dying?.kill()
  }
  const stop = async () => {
    const ending = server
    server = null
    await ending?.stop()
  }
  const close = async () => {
    await kill()
    for (const one of [folder, `${folder}-keys`]) rmSync(one, { recursive: true, force: true })
  }
  await start()
  return {
    url,
    folder,
    examOf: (name) => exams.get(name) ?? '',
    said: () => server?.said() ?? '',
    stopClock: (at) => writeFileSync(clock, `stopped ${at}`),
    kill,
    stop,
    start,
    close,
  }
}

export const test = base.extend<{ clinic: Clinic }>({
  page: async ({ page }, provide) => {
    await provide(patient(page))
  },
  clinic: async ({}, provide) => {
    const clinic = await openClinic()
    await provide(clinic)
    await clinic.close()
  },
})

/** A page whose reader waits until the screen is there before the first key, as a person does: the core comes after the first paint. */
export function patient(page: Page): Page {
  const there = async () => {
    await expect(page.getByText(/^Opening/)).toHaveCount(0)
    await awake(page)
  }
  const go = page.goto.bind(page)
  page.goto = async (...where) => {
    const response = await go(...where)
    await there()
    return response
  }
  const again = page.reload.bind(page)
  page.reload = async (...how) => {
    const response = await again(...how)
    await there()
    return response
  }
  return page
}

/**
 * The page hears keys: a drawn page hears none until its program has taken it over, which on a busy machine comes after the page says it
 * is loaded. Taken over is every button the program knows; what listens on the window is set up with the frame after that.
 */
async function awake(page: Page): Promise<void> {
  await page.waitForFunction(() => {
    const known = (element: Element) => Object.keys(element).some((key) => key.startsWith('__reactProps'))
    return [...document.querySelectorAll('button')].every(known)
  })
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))))
}

/** Where each worker looks for ports, so that two never take the same one between looking and listening. */
const PORTS = { from: 20_000, each: 4000 }
let lastPort = PORTS.from + PORTS.each * Number(process.env.TEST_PARALLEL_INDEX ?? 0)

async function freePort(): Promise<number> {
  for (;;) {
    const port = ++lastPort
    const free = await new Promise<boolean>((resolve) => {
      const probe = createServer()
      probe.once('error', () => resolve(false))
      probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)))
    })
    if (free) return port
  }
}

/** A screen that was gone to is there: its part of the program came after the click. */
export async function arrived(page: Page): Promise<void> {
  await expect(page.getByText(/^Opening/)).toHaveCount(0)
  await expect(page.getByRole('main')).toBeVisible()
}

/** Press keys one after the other, as a hand beside a patient would. */
export async function press(page: Page, ...keys: readonly string[]): Promise<void> {
  for (const key of keys) {
    // No hand presses one key twice within a twentieth of a second; a switch that bounces does.
    if (LAST.get(page) === key) await page.waitForTimeout(60)
    LAST.set(page, key)
    await page.keyboard.press(key)
  }
}

/** Presses keys and counts them: the effort a practitioner spends with one hand. Text that is typed into a field is written apart. */
export function counting(page: Page) {
  let keys = 0
  return {
    press: async (...pressed: readonly string[]) => {
      keys += pressed.length
      await press(page, ...pressed)
    },
    add: (n: number) => {
      keys += n
    },
    spent: () => keys,
  }
}

const LAST = new WeakMap<Page, string>()

/** Any test by its name, as one goes to it from the bench. */
export async function goTo(page: Page, name: string): Promise<void> {
  await press(page, 'g')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.type(name)
  await press(page, 'Enter')
  await expect(page.getByRole('dialog')).toBeHidden()
}

/** Answer what the test in hand asks first: consent, and a no to each of its questions. */
export async function askedFirst(page: Page): Promise<void> {
  const strip = page.getByRole('group', { name: /^(Ask first|Consent to testing)$/ })
  for (let left = 60; left > 0 && (await strip.count()) > 0; left--) {
    const label = await strip.getAttribute('aria-label')
    const before = await strip.innerText()
    const rest = await strip.getByRole('button', { name: /^No to these/ }).count()
    await press(page, label === 'Consent to testing' ? 'Enter' : rest > 0 ? 'r' : 'n')
    await expect(async () => {
      if ((await strip.count()) > 0) expect(await strip.innerText()).not.toBe(before)
    }).toPass()
  }
  await expect(strip).toHaveCount(0)
}

/**
 * No to every question of the safety screen, in the order of this person: singly, or the rest of a group by one key.
 *
 * @param until - stop at this group
 * @returns keys that were pressed for questions that have to be answered singly, and for the others
 */
export async function noToAll(page: Page, until?: string): Promise<{ readonly singly: number; readonly together: number }> {
  const strip = page.getByRole('group', { name: 'Ask now' })
  const spent = { singly: 0, together: 0 }
  for (let left = 90; left > 0; left--) {
    if ((await page.getByText('Every question is answered.').count()) > 0) break
    const before = await strip.innerText()
    if (until !== undefined && before.startsWith(until)) break
    const together = (await strip.getByRole('button', { name: /^No to these/ }).count()) > 0
    spent[together ? 'together' : 'singly']++
    await press(page, together ? 'r' : 'n')
    await expect(async () => {
      if ((await page.getByText('Every question is answered.').count()) === 0) expect(await strip.innerText()).not.toBe(before)
    }).toPass()
  }
  return spent
}

/** Both limbs looked at with nothing lost: each table in two keys, and no need to look closer. */
export async function quietScreens(page: Page, limb: 'arm' | 'leg'): Promise<void> {
  for (let side = 0; side < 2; side++) {
    await expect(page.locator('#in-hand')).toContainText(`Neurological examination, ${limb === 'arm' ? 'upper' : 'lower'} limb`)
    for (let table = 0; table < 4; table++) await press(page, 'u', 'Space')
    await press(page, 'Space')
  }
}

/** Boxes to type into or choose from, and buttons that are drawn as one, that neither edge nor fill sets off from the ground by 3 to 1. */
function faint(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const light = (colour: string) => {
      const [r = 0, g = 0, b = 0] = (colour.match(/[\d.]+/g) ?? []).slice(0, 3).map((part) => {
        const c = Number(part) / 255
        return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
      })
      return 0.2126 * r + 0.7152 * g + 0.0722 * b
    }
    const ground = (node: Element | null): string => {
      if (!node) return 'rgb(255, 255, 255)'
      const { backgroundColor } = getComputedStyle(node)
      return backgroundColor.endsWith(', 0)') ? ground(node.parentElement) : backgroundColor
    }
    const boxes = [...document.querySelectorAll<HTMLElement>('input:not([type=radio], [type=checkbox], [type=file]), select, textarea, button')]
    return boxes.flatMap((box) => {
      if (box.getBoundingClientRect().width < 2) return []
      // A box with a sign in it is drawn by its label; a button of words alone needs no edge.
      const edged = [box, box.closest('label'), box.parentElement].find((one) => one && parseFloat(getComputedStyle(one).borderTopWidth) > 0)
      if (box.matches('button') && edged !== box) return []
      if (!edged) return [`no edge: ${box.outerHTML.slice(0, 120)}`]
      const around = light(ground(edged.parentElement))
      const contrasts = [getComputedStyle(edged).borderTopColor, ground(edged)].map((colour) => {
        const own = light(colour)
        return (Math.max(own, around) + 0.05) / (Math.min(own, around) + 0.05)
      })
      const seen = Math.max(...contrasts)
      return seen < 3 ? [`${seen.toFixed(1)}: ${box.outerHTML.slice(0, 120)}`] : []
    })
  })
}

/** No accessibility violation on the page as it stands, and no box that is hard to see; or none of its colours, where all the rest was looked at in the other light. */
export async function expectAccessible(page: Page, what: 'all' | 'colours' = 'all'): Promise<void> {
  const axe = new AxeBuilder({ page })
  const { violations } = await (what === 'all' ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']) : axe.withRules(['color-contrast'])).analyze()
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([])
  // What the library of checks does not look at.
  expect(await faint(page)).toEqual([])
}

/** Everything recorded is acknowledged as on disk. */
export async function expectSaved(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
}

/** Read an address. A connection that lay idle may be closed just as it is used again: then it is asked once more, as a browser does. */
export function got(page: Page, url: string): Promise<APIResponse> {
  return page.request.get(url, { maxRetries: 2 })
}

/** The record as it lies on disk, folded. */
export async function recordOf(page: Page): Promise<Exam> {
  await expectSaved(page)
  const url = page.url().replace(/\/(story|safety|bench|weigh|recheck|note)([#?].*)?$/, '/events')
  const { events } = (await (await got(page, url)).json()) as { events: ExamEvent[] }
  const exam = examFrom(events)
  if (!exam) throw new Error('The examination is on disk.')
  return exam
}

export { expect }
