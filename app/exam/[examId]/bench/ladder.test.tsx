import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '@/core/catalogue'
import { offered, stagesOf } from '@/core/record/outline'
import { Ladder } from './ladder'
import type { InHand } from '@/core/bench/in-hand'

describe('the ladder', () => {
  it.each(CATALOGUE.map((t) => [t.id, t] as const))('%s: every way can be chosen, and shows its own stages', (_, test) => {
    for (const way of offered(test.variants)) {
      const [stage] = stagesOf(test, way.id)
      if (!stage) throw new Error(`${way.id} has no stage.`)
      const inHand: InHand = {
        test,
        side: test.sides === 'each' ? 'left' : 'none',
        posture: test.posture,
        run: null,
        stage,
        unasked: null,
        repeats: false,
        variant: way.id,
        contraindicated: null,
        mayAnswer: true,
        heed: [],
        asksFor: null,
        guard: null,
        moment: 0,
      }
      const { unmount } = render(<Ladder inHand={inHand} onOpen={() => undefined} onMove={() => undefined} />)
      if (offered(test.variants).length > 1) {
        expect(screen.getByText(way.name)).toBeVisible()
        expect(screen.getByRole('button', { name: /Another technique/ })).toBeVisible()
      }
      expect(screen.getAllByRole('listitem')).toHaveLength(stagesOf(test, way.id).length)
      unmount()
    }
  })
})
