'use client'

import { useState } from 'react'
import { WARNINGS } from '@/core/safety/warnings'
import { SCREEN } from '@/core/story/screen'
import type { EventContent } from '@/core/record/event'
import { Button } from '@/ui/button'
import { useExam } from '@/ui/exam/store'
import { Field, Select } from '@/ui/field'

/** What is told about safety after signing: it joins the record at once, changes nothing that was signed, and raises its halt everywhere. */
export function LateSafetyForm() {
  const { record } = useExam()
  const [chosen, choose] = useState('')
  return (
    <form
      className="mt-5"
      onSubmit={(e) => {
        e.preventDefault()
        const content = contentOf(chosen)
        if (content && record([content])) choose('')
      }}
    >
      <Field label="Told about safety since" hint="A yes, a warning sign or a withdrawal joins the record as it is; the note and the letter say it first.">
        {(tie) => (
          <Select {...tie} value={chosen} onChange={(e) => choose(e.target.value)}>
            <option value="">Choose what was told</option>
            {SCREEN.map((group) => (
              <optgroup key={group.id} label={`Yes: ${group.name}`}>
                {group.items.map((item) => (
                  <option key={item.id} value={`yes ${item.id}`}>
                    {item.ask}
                  </option>
                ))}
              </optgroup>
            ))}
            <optgroup label="Warning sign seen">
              {WARNINGS.map((warning) => (
                <option key={warning.id} value={`sign ${warning.id}`}>
                  {warning.words}
                </option>
              ))}
            </optgroup>
            <optgroup label="Consent">
              <option value="withdrawn">Consent to testing was withdrawn</option>
            </optgroup>
          </Select>
        )}
      </Field>
      <Button type="submit" disabled={chosen === ''} className="mt-2">
        Add it to the record
      </Button>
    </form>
  )
}

function contentOf(chosen: string): EventContent | null {
  const [kind, id = ''] = chosen.split(' ')
  if (kind === 'withdrawn') return { type: 'consent-withdrawn' }
  if (kind === 'yes') return { type: 'screen-answered', item: id, answer: 'yes' }
  return kind === 'sign' ? { type: 'warning-seen', sign: id } : null
}
