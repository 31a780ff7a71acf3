'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { v7 } from 'uuid'
import type { SeriesChange } from '@/core/audit/series'
import type { Problem } from '@/core/vocabulary/problem'
import { isTestSide } from '@/core/vocabulary/side'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { DoorForm } from '@/ui/doors/door-form'
import { BOX, Field, Select } from '@/ui/field'

interface Named {
  readonly id: string
  readonly name: string
}

interface Props {
  readonly tests: readonly (Named & { readonly sides: 'each' | 'none'; readonly variants: readonly Named[]; readonly stages: readonly Named[] })[]
}

/** Begins a series: what is measured, on which side and how, by how many, how often. */
export function NewSeries({ tests }: Props) {
  const router = useRouter()
  const [open, setOpen] = useState(false)
  const [id, setId] = useState(() => ({ entry: v7(), series: v7() }))
  const [chosen, setChosen] = useState('leg-raise')
  const test = tests.find((t) => t.id === chosen) ?? tests[0]
  if (!test) return null
  if (!open)
    return (
      <Button look="main" className="mt-4" onClick={() => setOpen(true)}>
        Begin a series
      </Button>
    )
  return (
    <DoorForm
      label="Begin a series"
      submit="Begin"
      className="mt-4 rounded-card border border-hair bg-sheet p-4"
      onSend={async (typed) => {
        const side = typed('side')
        const change: SeriesChange = {
          kind: 'begun',
          test: test.id,
          side: isTestSide(side) ? side : 'none',
          variant: typed('variant'),
          stage: typed('stage') || null,
          examiners: typed('examiners') === '2' ? 2 : 1,
          trials: Number(typed('trials')),
          people: typed('people') === 'simulated' ? 'simulated' : 'patients',
        }
        const problem = await act<Problem | null>('enter-series', id.entry, id.series, change)
        if (problem) return problem
        setId({ entry: v7(), series: v7() })
        setOpen(false)
        router.refresh()
        return null
      }}
    >
      <div className="flex flex-wrap items-start gap-3">
        <Pick label="Test" className="w-80" name="test" value={chosen} onChange={setChosen} options={tests} />
        <Pick
          key={`side ${test.id}`}
          label="Side"
          name="side"
          options={
            test.sides === 'none'
              ? [{ id: 'none', name: 'no side' }]
              : [
                  { id: 'left', name: 'left' },
                  { id: 'right', name: 'right' },
                ]
          }
        />
        <Pick key={`variant ${test.id}`} label="Technique" className="w-64" name="variant" options={test.variants} />
        <Pick
          key={`stage ${test.id}`}
          label="What is compared"
          className="w-64"
          name="stage"
          options={[...test.stages, { id: '', name: 'positive or negative' }]}
        />
        <Pick
          label="Examiners"
          name="examiners"
          options={[
            { id: '1', name: 'one' },
            { id: '2', name: 'two' },
          ]}
        />
        <Field label="Trials of each" className="w-28">
          {(tie) => <input autoComplete="off" {...tie} name="trials" type="number" min={1} max={5} defaultValue={2} className={BOX} />}
        </Field>
        <Pick
          label="People"
          name="people"
          options={[
            { id: 'patients', name: 'patients or colleagues' },
            { id: 'simulated', name: 'simulated, for practice' },
          ]}
          className="w-56"
        />
      </div>
    </DoorForm>
  )
}

interface PickProps {
  readonly label: string
  readonly name: string
  readonly options: readonly Named[]
  readonly className?: string
  readonly value?: string
  readonly onChange?: (value: string) => void
}

function Pick({ label, name, options, className = 'w-36', value, onChange }: PickProps) {
  return (
    <Field label={label} className={className}>
      {(tie) => (
        <Select {...tie} name={name} {...(value !== undefined && { value })} onChange={(e) => onChange?.(e.target.value)}>
          {options.map((o) => (
            <option key={o.id} value={o.id}>
              {o.name}
            </option>
          ))}
        </Select>
      )}
    </Field>
  )
}
