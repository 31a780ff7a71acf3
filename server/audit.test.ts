import { describe, expect, it } from 'vitest'
import { audienceOf } from './audit'

const who = (role: 'lead' | 'practitioner') => ({ id: 'tamsin-rook', name: 'Tamsin Rook', role, demo: false })
const asked = (more: string) => new URLSearchParams(`from=1700000000000&to=1710000000000&${more}`)

describe('whom an audit is told', () => {
  it('each examiner alone to themselves, everybody together to a lead, and nobody else singled out', () => {
    expect(audienceOf(asked('who=me'), who('practitioner'))).toMatchObject({ by: 'tamsin-rook' })
    expect(audienceOf(asked('who=all'), who('practitioner'))).toMatchObject({ by: 'tamsin-rook' })
    expect(audienceOf(asked('who=all'), who('lead'))).not.toHaveProperty('by')
    expect(audienceOf(asked('who=somebody-else'), who('lead'))).toMatchObject({ by: 'tamsin-rook' })
    expect(audienceOf(asked('by=somebody-else&who=me'), who('lead'))).toMatchObject({ by: 'tamsin-rook' })
  })

  it('nothing for an address that says nothing', () => {
    for (const bad of ['from=x&to=1', 'from=1710000000000&to=1700000000000', 'from=1700000000000&to=1e3', 'from=1700000000000&to=1710000000000&region=tail'])
      expect(audienceOf(new URLSearchParams(bad), who('lead')), bad).toBeNull()
    expect(audienceOf(asked('region=pelvis'), who('lead'))).toMatchObject({ region: 'pelvis' })
  })
})
