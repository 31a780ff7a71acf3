import { createHash } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from './catalogue'
import { CLUSTERS } from './clusters'
import { EDITION } from './edition'
import fingerprints from './edition-fingerprints.json'
import { COUNTED } from './evidence/criteria'
import { PRIORS } from './evidence/priors'
import { REGISTER } from './evidence/register'
import { GATES } from './safety'
import { SCREEN } from './story/screen'

/** What decides the meaning of a record: words, drawings and instructions may change without a new edition. A text of several words is wording under any key. */
const WORDING: ReadonlySet<string> = new Set([
  'pose',
  'do',
  'ask',
  'label',
  'name',
  'short',
  'words',
  'purpose',
  'plain',
  'method',
  'faults',
  'doesNotCount',
  'anchors',
  'changes',
  'how',
  'alsoCalled',
  'structures',
  'because',
  'reason',
  'cite',
  'why',
  // Which way a measure is better tells of change between visits, and of no finding.
  'freer',
])

function fingerprint(value: unknown): string {
  const text = JSON.stringify(value, (key, part: unknown) => (WORDING.has(key) || (typeof part === 'string' && part.includes(' ')) ? undefined : part))
  return createHash('sha256').update(text).digest('hex').slice(0, 16)
}

const now = {
  catalogue: fingerprint(CATALOGUE),
  rules: fingerprint([CLUSTERS, GATES, SCREEN]),
  register: fingerprint([REGISTER, PRIORS, COUNTED]),
}

describe('the edition', () => {
  it.each(['catalogue', 'rules', 'register'] as const)(
    'of the %s is raised when its meaning changes: raise it in core/edition.ts, write down in docs/changing-a-test.md what old records mean, and put the new fingerprint beside the others',
    (part) => {
      const known: Readonly<Record<string, string>> = fingerprints[part]
      expect({ edition: EDITION[part], fingerprint: now[part] }).toEqual({ edition: EDITION[part], fingerprint: known[String(EDITION[part])] })
      expect(Math.max(...Object.keys(known).map(Number))).toBe(EDITION[part])
    },
  )
})
