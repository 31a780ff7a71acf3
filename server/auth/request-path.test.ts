import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { spellingsOf } from '../../tests/spellings'
import { readRequestPath } from './request-path'
import { matchRoute, ROUTES } from './routes'

const SAMPLES = Object.keys(ROUTES).map((name) => name.replaceAll(/\[\w+\]/g, '0190a7c0-0000-7000-8000-000000000001'))

describe('the path of a request', () => {
  it('of every route is read as it stands, with its query', () => {
    for (const path of SAMPLES) {
      expect(readRequestPath(path)).toEqual({ ok: true, path, query: '' })
      expect(readRequestPath(`${path}?find=C%C3%A9line&x=1%2F2`)).toEqual({ ok: true, path, query: '?find=C%C3%A9line&x=1%2F2' })
    }
    expect(readRequestPath('/library/C%C3%A9line')).toMatchObject({ ok: true })
  })

  it('in any other spelling than its normal one is refused, for every route', () => {
    for (const path of SAMPLES.filter((one) => one !== '/')) {
      const spellings = spellingsOf(path)
      expect(spellings.length).toBeGreaterThanOrEqual(20)
      for (const spelling of spellings) {
        const read = readRequestPath(spelling)
        // What is still readable is another path: no route of ours, or the same one with another parameter, which is asked for its own.
        if (read.ok) expect([spelling, [null, matchRoute(path)?.name]]).toEqual([spelling, expect.arrayContaining([matchRoute(read.path)?.name ?? null])])
      }
    }
  })

  it('names what it decodes to once and for all: decoding it again changes nothing, and no segment is a step up', () => {
    fc.assert(
      fc.property(fc.oneof(fc.webUrl({ withQueryParameters: true }), fc.string({ unit: 'binary' }), fc.webPath(), spelt), (text) => {
        const read = readRequestPath(text)
        if (!read.ok) return
        const once = decodeURIComponent(read.path)
        expect(decodeURIComponent(once)).toBe(once)
        expect(once.split('/')).toHaveLength(read.path.split('/').length)
        expect(new URL(`http://x${read.path}`).pathname).toBe(read.path)
      }),
      { numRuns: 500 },
    )
  })

  it('with a slash too many at its end leads to the one without', () => {
    expect(readRequestPath('/today/?a=1')).toEqual({ ok: false, normal: '/today?a=1' })
    expect(readRequestPath('/today//').ok).toBe(false)
    expect(readRequestPath('//today/')).toEqual({ ok: false })
  })

  it('takes nothing by which the framework would be told another route', () => {
    for (const query of ['?nxtPexamId=x', '?a=1&nxtIexamId=x', '?__nextLocale=de', '?__NEXT_x', '?%6extPexamId=x']) {
      expect(readRequestPath(`/today${query}`).ok, query).toBe(false)
    }
  })
})

const spelt = fc
  .array(fc.constantFrom('/', '.', '..', '%2e', '%2F', '%5c', '%', '%25', 'today', 'settings', 'trail', '_next', '?', '#', '\\', ' ', ';', '%00', '%C3%A9'), {
    maxLength: 8,
  })
  .map((parts) => `/${parts.join('')}`)
