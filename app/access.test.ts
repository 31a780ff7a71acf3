import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type DataName, matchRoute, type PageName, PROCEDURE_ACCESS, ROUTES } from '@/server/auth/routes'
import { type GuardedPage, page } from '@/server/auth/page'
import { type GuardedRoute, route } from '@/server/route'
import { ACTS } from './do/acts'

const FILES = readdirSync('app', { recursive: true, encoding: 'utf8' }).filter((file) => /(^|\/)(page|route)\.tsx?$/.test(file))
const routeOf = (file: string) => `/${file.replace(/\/?(page|route)\.tsx?$/, '')}`

describe('the table of routes', () => {
  it('names each page and data route that is there, and nothing else', () => {
    const there = FILES.map((file) => [routeOf(file), file.endsWith('route.ts') ? 'data' : 'page'])
    expect(there.length).toBeGreaterThan(60)
    const named = Object.entries(ROUTES).flatMap(([name, { kind }]) => (kind === 'file' ? [] : [[name, kind]]))
    expect(named.toSorted()).toEqual(there.toSorted())
    for (const [name = ''] of there) expect(matchRoute(name.replaceAll(/\[\w+\]/g, 'anything'))?.name).toBe(name)
  })

  it('names each procedure where the procedures are', () => {
    expect(Object.keys(PROCEDURE_ACCESS).toSorted()).toEqual(Object.keys(ACTS).toSorted())
  })

  it('has no route for an address nobody knows', () => {
    for (const path of ['/nothing/here', '/exam/x/bench/more', '/exam//bench', '/today/', '/settings/trail.rsc', '/_next/data/x/settings/trail.json'])
      expect(matchRoute(path), path).toBeNull()
    expect(matchRoute('/do/nothing')?.access).toBe('own')
  })
})

describe('a page or route that does not ask for its own access', () => {
  it('does not compile: each of these lines is an error that the compiler has to find', () => {
    const unguarded = () => null
    // @ts-expect-error nothing was asked
    const first: GuardedPage<'/today'> = unguarded
    // @ts-expect-error another page's access was asked
    const second: GuardedPage<'/settings/trail'> = page('/settings', () => null)
    // @ts-expect-error a handler without the wrapper
    const third: GuardedRoute<'/exam/[examId]/record'> = () => new Response()
    // @ts-expect-error what anybody may open is given no database to read from
    const fourth = route('/health', ({ db }) => Response.json(db))
    // @ts-expect-error a page that is not in the table has no access to ask for
    const fifth = page('/somewhere', () => null)
    expect([first, second, third, fourth, fifth].every((one) => typeof one === 'function')).toBe(true)
    const names: readonly [PageName, DataName] = ['/today', '/live']
    expect(names).toHaveLength(2)
  })

  it('no screen takes the database past its permission', () => {
    const taking = readdirSync('app', { recursive: true, encoding: 'utf8' }).filter(
      (file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file) && readFileSync(`app/${file}`, 'utf8').includes("from '@/db'"),
    )
    // Procedures are called through the one route that asked for theirs; the health of the server is told to anybody.
    for (const file of taking) expect(file).toMatch(/(^|\/)acts\.ts$|^people\/(erase|entrust)\.ts$|^health\/route\.ts$/)
  })
})
