import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { ACTS } from './do/acts'
import { ACT_DOORS, doorOf, DOORS } from '@/server/doors/table'

const FILES = readdirSync('app', { recursive: true, encoding: 'utf8' }).filter((file) => /(^|\/)(page|route)\.tsx?$/.test(file))
const routeOf = (file: string) => `/${file.replace(/\/?(page|route)\.tsx?$/, '')}`

describe('every door', () => {
  it('stands before a page or route that is there, and before each of them', () => {
    const there = FILES.map(routeOf).filter((route) => route !== '/do/[act]')
    expect(there.length).toBeGreaterThan(30)
    expect(
      Object.keys(DOORS)
        .filter((route) => !/\.(svg|js|webmanifest)$/.test(route))
        .toSorted(),
    ).toEqual(there.toSorted())
    for (const route of there) expect(doorOf(route.replaceAll(/\[\w+\]/g, 'anything')).route).toBe(route)
  })

  it('of an act is named where the acts are', () => {
    expect(Object.keys(ACT_DOORS).toSorted()).toEqual(Object.keys(ACTS).toSorted())
  })

  it('routes are made by the one wrapper; only those that anybody may ask are open', () => {
    for (const file of FILES.filter((one) => one.endsWith('route.ts'))) {
      const text = readFileSync(`app/${file}`, 'utf8')
      expect(text, file).toMatch(/export const (GET|POST) = (route|openRoute)[<(]/)
      const open = text.includes('= openRoute')
      const door = DOORS[routeOf(file)]
      if (routeOf(file) !== '/do/[act]') expect(open, file).toBe(door === 'anyone')
    }
  })

  it('an address nobody knows is behind one too', () => {
    expect(doorOf('/nothing/here').door).toBe('own')
    expect(doorOf('/do/nothing').door).toBe('own')
    expect(doorOf('/exam/x/bench/more').door).toBe('own')
  })
})
