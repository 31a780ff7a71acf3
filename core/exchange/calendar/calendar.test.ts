import ICAL from 'ical.js'
import { tzlib_get_offset } from 'timezones-ical-library'
import { describe, expect, it } from 'vitest'
import { appointmentIssues, TITLE, toCalendar } from './to'

const NOW = Date.UTC(2026, 10, 27, 9)
const ID = '019cb2ec-f680-7001-85ff-5ff39d850010'
const at = (start: string, zone: string, minutes = 30, remindHours = 24) => ({ start, zone, minutes, remindHours })

/** The event as a calendar program reads it. */
function readBack(text: string) {
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[])
  const zone = calendar.getFirstSubcomponent('vtimezone')
  const component = calendar.getFirstSubcomponent('vevent')
  if (!component) throw new Error('no event')
  const event = new ICAL.Event(component)
  const start = event.startDate
  // UTC needs no description of itself.
  start.zone = zone ? new ICAL.Timezone(zone) : ICAL.Timezone.utcTimezone
  return { event, start, component, calendar }
}

describe('an appointment as an iCalendar file', () => {
  it.each([
    ['2026-12-04T09:30', 'Europe/London', '2026-12-04T09:30:00.000Z'],
    ['2026-07-04T09:30', 'Europe/London', '2026-07-04T08:30:00.000Z'],
    ['2026-12-04T09:30', 'America/New_York', '2026-12-04T14:30:00.000Z'],
    ['2026-12-04T09:30', 'Australia/Sydney', '2026-12-03T22:30:00.000Z'],
    ['2026-12-04T23:45', 'Asia/Kolkata', '2026-12-04T18:15:00.000Z'],
    // The clock of New York skips this hour; the appointment is in London.
    ['2027-03-14T02:30', 'Europe/London', '2027-03-14T02:30:00.000Z'],
  ])('%s in %s is the moment that is meant', (start, zone, moment) => {
    const { event, start: begins } = readBack(toCalendar(at(start, zone, 45), ID, NOW))
    expect(begins.toJSDate().toISOString()).toBe(moment)
    expect(event.duration.toSeconds()).toBe(45 * 60)
  })

  it('is the moment that is meant in every zone there is, in winter and in summer', () => {
    const zones = Intl.supportedValuesOf('timeZone').filter((zone) => appointmentIssues(at('2026-12-04T09:30', zone)).length === 0)
    expect(zones.length).toBeGreaterThan(400)
    for (const zone of [...zones, 'UTC', 'Etc/UTC']) {
      for (const start of ['2026-12-04T09:30', '2026-07-04T09:30']) {
        const { start: begins } = readBack(toCalendar(at(start, zone), ID, NOW))
        // By the table of offsets, for the clock of this machine may know older laws.
        const [, sign, hours, minutes] = /^([+-])(\d\d)(\d\d)$/.exec(tzlib_get_offset(zone, start.slice(0, 10), start.slice(11))) ?? []
        const offset = (sign === '-' ? -1 : 1) * (Number(hours) * 60 + Number(minutes)) * 60_000
        expect(`${zone} ${new Date(begins.toJSDate().getTime() + offset).toISOString().slice(0, 16)}`).toBe(`${zone} ${start}`)
      }
    }
  })

  it('reminds, is named for good, stamps in UTC, and says nothing of the person', () => {
    const text = toCalendar(at('2026-12-04T23:50', 'Europe/London', 30), ID, NOW)
    const { event, component, calendar } = readBack(text)
    expect(event.summary).toBe(TITLE)
    expect(event.uid).toBe(`${ID}@dust-lantern.invalid`)
    expect(calendar.getFirstPropertyValue('version')).toBe('2.0')
    expect(text).toMatch(/\r\nDTSTAMP:20261127T090000Z\r\n/)
    expect(text).toMatch(/DTEND;TZID=Europe\/London:20261205T002000/)
    const alarm = component.getFirstSubcomponent('valarm')
    expect(String(alarm?.getFirstPropertyValue('trigger'))).toBe('-P1D')
    expect(component.getFirstPropertyValue('description')).toBeNull()
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
    expect(readBack(toCalendar(at('2026-12-04T09:30', 'Europe/London', 30, 0), ID, NOW)).component.getFirstSubcomponent('valarm')).toBeNull()
  })

  it('refuses what no calendar can hold, with where it is wrong', () => {
    expect(appointmentIssues(at('2026-12-04T09:30', 'Europe/London'))).toEqual([])
    const where = (input: unknown) => appointmentIssues(input).map((i) => i.pointer)
    expect(where(at('2026-02-30T09:30', 'Europe/London'))).toEqual(['/start'])
    expect(where(at('2026-12-04 09:30', 'Europe/London'))[0]).toBe('/start')
    expect(where(at('2026-12-04T09:30', 'Mars/Base\r\nX:1'))).toEqual(['/zone'])
    expect(where(at('2026-12-04T09:30', 'Europe/London', 3, 400))).toEqual(['/minutes', '/remindHours'])
    expect(where({ ...at('2026-12-04T09:30', 'Europe/London'), title: 'neck pain' })).not.toEqual([])
  })
})
