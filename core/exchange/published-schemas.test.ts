import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { publishedSchemas } from './published-schemas'

describe('the published schemas', () => {
  it.each(Object.entries(publishedSchemas()))('%s is what the reader checks; npm run schemas writes it anew', (file, schema) => {
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(schema)))
  })
})
