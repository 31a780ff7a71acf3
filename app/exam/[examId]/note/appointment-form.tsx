'use client'

import { addDays, format } from 'date-fns'
import { CalendarPlus } from 'lucide-react'
import { useState } from 'react'
import { Button } from '@/ui/button'

/** A calendar file for the next visit. Its title says “Appointment” and nothing of the person. */
export function AppointmentForm({ examId }: { readonly examId: string }) {
  const [day, setDay] = useState(() => format(addDays(new Date(), 7), 'yyyy-MM-dd'))
  const [time, setTime] = useState('09:00')
  const [minutes, setMinutes] = useState('30')
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  const query = new URLSearchParams({ start: `${day}T${time}`, zone, minutes, remind: '24' })
  const field = 'min-h-11 rounded-card border border-edge bg-sheet px-2'
  return (
    <fieldset className="mt-4">
      <legend className="text-base text-ash">Next visit, for a calendar</legend>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <label className="text-sm">
          <span className="block">Day</span>
          <input autoComplete="off" type="date" value={day} onChange={(e) => setDay(e.target.value)} className={field} />
        </label>
        <label className="text-sm">
          <span className="block">Time</span>
          <input autoComplete="off" type="time" value={time} onChange={(e) => setTime(e.target.value)} className={field} />
        </label>
        <label className="text-sm">
          <span className="block">Minutes</span>
          <input autoComplete="off" type="number" min={5} max={480} value={minutes} onChange={(e) => setMinutes(e.target.value)} className={`${field} w-20`} />
        </label>
        <Button asChild>
          <a href={`/exam/${examId}/out/appointment.ics?${query.toString()}`} download>
            <CalendarPlus size={18} aria-hidden="true" /> Calendar file
          </a>
        </Button>
      </div>
      <p className="mt-1 text-sm text-ash">Time zone {zone}; a reminder a day before. The title is “Appointment”: nothing of the person stands in it.</p>
    </fieldset>
  )
}
