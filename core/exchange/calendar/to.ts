import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator'
import { tzlib_get_ical_block, tzlib_get_timezones } from 'timezones-ical-library'
import * as yup from 'yup'
import type { Issue } from '../exam-file/file'
import { issuesWith } from '../issues'

/** An appointment as it is typed: wall-clock time of a place. */
export interface Appointment {
  /** YYYY-MM-DDTHH:MM, by the clock of the zone. */
  readonly start: string
  /** IANA name: "Europe/London". */
  readonly zone: string
  readonly minutes: number
  /** Hours before it at which to remind. */
  readonly remindHours: number
}

const ZONES: ReadonlySet<string> = new Set(tzlib_get_timezones() as readonly string[])

const APPOINTMENT = yup
  .object({
    start: yup
      .string()
      .strict()
      .required()
      .matches(/^(19|20)\d{2}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d$/, 'is no time of a calendar')
      .test('day', 'is no day of a calendar', (start) => isDay(start.slice(0, 10))),
    zone: yup
      .string()
      .strict()
      .required()
      .test('known', 'is no time zone known here', (zone) => ZONES.has(zone)),
    minutes: yup.number().strict().integer().min(5).max(480).required(),
    remindHours: yup.number().strict().integer().min(0).max(336).required(),
  })
  .noUnknown('has fields nobody knows: ${unknown}')
  .strict()
  .required()

function isDay(day: string): boolean {
  const date = new Date(`${day}T00:00:00Z`)
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(day)
}

/** What is wrong with an appointment; nothing when a calendar can hold it. */
export function appointmentIssues(input: unknown): readonly Issue[] {
  return issuesWith(APPOINTMENT, input)
}

/** What the calendar shows. Nothing of a patient stands in it: calendars are shared. */
export const TITLE = 'Appointment'

/**
 * An appointment as an iCalendar file (RFC 5545): an event with its time zone and a reminder, and no clinical word.
 *
 * @param id - names the event for good, so that taking the file in again moves it and does not double it
 * @param now - milliseconds since 1970
 */
export function toCalendar({ start, zone, minutes, remindHours }: Appointment, id: string, now: number): string {
  const calendar = ical({ prodId: { company: 'Dust Lantern', product: 'Appointments', language: 'EN' }, method: ICalCalendarMethod.PUBLISH })
  calendar.timezone({ name: null, generator: blockOf })
  const stamp = new Date(now)
  calendar.createEvent({
    id: `${id}@dust-lantern.invalid`,
    stamp,
    created: stamp,
    lastModified: stamp,
    start: stamp,
    end: stamp,
    timezone: zone,
    summary: TITLE,
    alarms: remindHours > 0 ? [{ type: ICalAlarmType.display, trigger: remindHours * 3600, description: TITLE }] : [],
  })
  // A Date knows one zone, that of the machine, whose own clock may skip the hour that is meant: the wall clock is written as it was typed.
  const clock = (name: 'DTSTART' | 'DTEND', after: number) =>
    zone === 'UTC' ? `${name}:${wallClock(start, after)}Z` : `${name};TZID=${zone}:${wallClock(start, after)}`
  // The zone has beginnings of its own, above the event.
  const [zones = '', event = ''] = calendar.toString().split(/(?=BEGIN:VEVENT)/)
  return zones + event.replace(/^DTSTART[;:].*$/m, clock('DTSTART', 0)).replace(/^DTEND[;:].*$/m, clock('DTEND', minutes))
}

function blockOf(zone: string): string | null {
  const block = tzlib_get_ical_block(zone) as readonly string[] | string
  const text = typeof block === 'string' ? block : (block[0] ?? '')
  return text === '' ? null : text
}

/** Minutes after a wall-clock time, as a calendar writes it: "20261204T093000". */
function wallClock(start: string, minutes: number): string {
  const at = new Date(Date.parse(`${start}:00Z`) + minutes * 60_000)
  return at.toISOString().replace(/[-:]/g, '').slice(0, 15)
}
