import { describe, expect, it, vi } from 'vitest'
import { BUTTOCK, sorePelvis } from '../tests/people'
import { assess } from '../core/assess'
import { SHIPPED } from '../core/evidence/knowledge'
import { intervalInput, intervalOf } from '../core/evidence/interval'
import { signatureOf } from '../core/exchange/freeze'
import { holdingOf } from '../core/sensitivity'

// What a worker offers is what the page would compute itself; only the place is another.
const offered: Record<string, (...args: never[]) => unknown>[] = []
vi.mock('comlink', () => ({ expose: (api: (typeof offered)[number]) => offered.push(api) }))

const { exam } = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('sij-distraction', 'none', [BUTTOCK])
const api = async (load: () => Promise<unknown>) => {
  await load()
  const last = offered.at(-1)
  if (!last) throw new Error('A worker offers something.')
  return last
}
/** As it arrives on the other side. */
const across = <T>(value: T) => structuredClone(value)

describe('the workers', () => {
  it('sign with what the page would sign with, and it survives the way', async () => {
    const { signatureOf: inWorker } = await api(() => import('./freeze.worker'))
    expect(across(inWorker?.(across(exam) as never, across(SHIPPED) as never))).toEqual(signatureOf(exam))
  })

  it('draw the same intervals', async () => {
    const { intervalOf: inWorker } = await api(() => import('./interval.worker'))
    const inputs = assess(exam).sources.flatMap((s) => (s.weighed ? (intervalInput(s.weighed) ?? []) : []))
    expect(inputs.length).toBeGreaterThan(0)
    for (const input of inputs) expect(across(inWorker?.(across(input) as never))).toEqual(intervalOf(input))
  })

  it('say the same of what the leading source depends on', async () => {
    const { sensitivityOf: inWorker } = await api(() => import('./sensitivity.worker'))
    expect(across(inWorker?.(across(exam) as never, across(SHIPPED) as never))).toMatchObject({ holding: holdingOf(assess(exam)) })
  })
})
