import { render, screen, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { assess } from '@/core/assess'
import { freeze } from '@/core/exchange/freeze'
import { BUTTOCK, sorePelvis } from '@/tests/people'
import { SignedWeigh } from './signed-weigh'

const tested = () => freeze(assess(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).exam))
const show = (frozen: ReturnType<typeof freeze>) => {
  render(
    <SignedWeigh frozen={frozen} who="Somebody">
      {null}
    </SignedWeigh>,
  )
  return within(screen.getByRole('heading', { name: 'Estimates' }).parentElement ?? document.body)
    .getAllByRole('row')
    .map((row) => row.textContent)
}

describe('estimates of a signed examination', () => {
  it('a source that nothing moved shows where it starts and no estimate, as on the live screen', () => {
    const frozen = tested()
    const unmoved = frozen.estimates.filter((e) => !e.moved)
    expect(unmoved.length).toBeGreaterThan(0)
    const live = assess(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).exam).sources
    for (const e of unmoved) expect(live.find((s) => s.source === e.id && s.side === e.side)?.weighed).toBeNull()
    const rows = show(frozen)
    for (const e of unmoved) {
      const row = rows.find((text) => text.startsWith(`${e.name}, ${e.side}`))
      expect(row).toContain('nothing moved it')
      expect(row?.match(/%/g)).toHaveLength(1)
    }
  })

  it('what was moved comes first, with figures taken from what was kept and nowhere else', () => {
    const frozen = tested()
    const changed = { ...frozen, estimates: frozen.estimates.map((e) => (e.moved ? { ...e, model: 0.9, rule: null, headline: 'model' } : e)) }
    const rows = show(changed)
    expect(rows[1]).toMatch(/90 %/)
    expect(rows.at(-1)).toContain('nothing moved it')
  })
})
