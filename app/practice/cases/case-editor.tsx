'use client'

import { useRouter } from 'next/navigation'
import { useMemo, useRef, useState } from 'react'
import { v7 } from 'uuid'
import { CATALOGUE, testById } from '@/core/catalogue'
import { sidesOf } from '@/core/record/outline'
import { SCREEN, type ScreenItemId } from '@/core/story/screen'
import { FACTS } from '@/core/story/facts'
import type { CaseFile } from '@/core/trainer/case-file/file'
import { patientOfCase, readCaseFile } from '@/core/trainer/case-file/from'
import { urgencyOf } from '@/core/trainer/judge/expected'
import { truthWords } from '@/core/trainer/judge/conclusion'
import { performTruly } from '@/core/trainer/perform'
import { CASE_REGIONS, type CaseRegion, PLAYED, type PlayedSource } from '@/core/trainer/picture'
import { SERIOUS, type SeriousId, seriousOf } from '@/core/trainer/serious'
import { type TrapId, TRAPS, trapOf } from '@/core/trainer/trap'
import { URGENCY_WORDS } from '@/core/safety/gate'
import type { Problem } from '@/core/vocabulary/problem'
import { SOURCES } from '@/core/vocabulary/source'
import { act } from '@/ui/act'
import { Choice } from '@/ui/choice'
import { DoorForm } from '@/ui/doors/door-form'
import { BOX, Field, Select } from '@/ui/field'
import { BeginNamed } from '../begin-case'
import { LevelField, SideField } from '../source-fields'

interface Props {
  readonly code: string
  readonly file: CaseFile
  readonly isKept: boolean
}

/** Writes a case and tries it: story, hidden source, modifiers and traps on the left, the person that comes of it on the right. */
export function CaseEditor({ code, file, isKept }: Props) {
  const router = useRouter()
  const [written, setWritten] = useState(file)
  const entry = useRef(v7())
  const change = (part: Partial<CaseFile>) => setWritten((now) => ({ ...now, ...part }))
  const [first] = written.sources
  const second = written.sources[1]
  const traps = (Object.keys(TRAPS) as TrapId[]).filter((id) => trapOf(id).region === written.region)
  const save = async (withdrawn: boolean): Promise<Problem | null> => {
    const problem = await act<Problem | null>('save-case', entry.current, code, written, withdrawn)
    if (!problem) {
      entry.current = v7()
      if (withdrawn) router.push('/practice/cases')
      else router.refresh()
    }
    return problem
  }
  return (
    <div className="mt-4 grid gap-8 lg:grid-cols-2">
      <div>
        <DoorForm label="The case" submit="Keep this case" onSend={() => save(false)}>
          <Field label="Title, for teachers">
            {(tie) => (
              <input autoComplete="off" {...tie} maxLength={120} value={written.title} onChange={(e) => change({ title: e.target.value })} className={BOX} />
            )}
          </Field>
          <Choice
            name="Region"
            value={written.region}
            onChange={(region: CaseRegion) => change({ region, traps: [] })}
            options={CASE_REGIONS.map((id) => ({ id, words: id }))}
          />
          <Hidden label="What truly hurts" held={first} onChange={(one) => change({ sources: one ? [one, ...written.sources.slice(1)] : [] })} />
          {first && <Hidden label="A second source" held={second} onChange={(one) => change({ sources: one ? [first, one] : [first] })} />}
          <Field label="Something serious">
            {(tie) => (
              <Select
                {...tie}
                value={written.serious ?? ''}
                onChange={(e) => change({ serious: e.target.value === '' ? null : (e.target.value as SeriousId) })}
              >
                <option value="">nothing</option>
                {(Object.keys(SERIOUS) as SeriousId[]).map((id) => (
                  <option key={id} value={id}>
                    {seriousOf(id).name}
                  </option>
                ))}
              </Select>
            )}
          </Field>
          <fieldset>
            <legend className="text-ash">Traps</legend>
            {traps.map((id) => (
              <label key={id} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  checked={written.traps.includes(id)}
                  onChange={(e) => change({ traps: e.target.checked ? [...written.traps, id] : written.traps.filter((t) => t !== id) })}
                  className="size-5 accent-ink"
                />
                {trapOf(id).name}
              </label>
            ))}
          </fieldset>
          <Choice
            name="Irritability"
            value={written.irritability}
            onChange={(irritability) => change({ irritability })}
            options={[
              { id: 'low', words: 'low irritability' },
              { id: 'moderate', words: 'moderate' },
              { id: 'high', words: 'high' },
            ]}
          />
          <Field label={`How sore pressing is for them: ${written.sensitivity}`} hint="0 is usual; from about 1 on everything pressed hurts, both sides alike.">
            {(tie) => (
              <input
                {...tie}
                type="range"
                min={-2}
                max={3}
                step={0.5}
                value={written.sensitivity}
                onChange={(e) => change({ sensitivity: Number(e.target.value) })}
                className="h-11 w-full rounded-md border border-ash px-2 accent-ink"
              />
            )}
          </Field>
          <Choice
            name="Manner"
            value={written.manner}
            onChange={(manner) => change({ manner })}
            options={[
              { id: 'terse', words: 'few words' },
              { id: 'plain', words: 'plain' },
              { id: 'talkative', words: 'talkative' },
            ]}
          />
          <label className="flex min-h-11 items-center gap-2">
            <input type="checkbox" checked={written.suggestible} onChange={(e) => change({ suggestible: e.target.checked })} className="size-5 accent-ink" />
            Agrees with whoever puts the answer into their mouth
          </label>
          <Field label="Age" hint="Left empty: drawn." className="w-32">
            {(tie) => (
              <input
                autoComplete="off"
                {...tie}
                type="number"
                min={16}
                max={95}
                value={written.ageYears ?? ''}
                onChange={(e) => change({ ageYears: e.target.value === '' ? null : Number(e.target.value) })}
                className={BOX}
              />
            )}
          </Field>
          <Field label="What they say first" hint="In their words; left empty: drawn.">
            {(tie) => (
              <input autoComplete="off" {...tie} maxLength={300} value={written.words} onChange={(e) => change({ words: e.target.value })} className={BOX} />
            )}
          </Field>
          <Field label="How it began" hint="Left empty: drawn.">
            {(tie) => (
              <input autoComplete="off" {...tie} maxLength={300} value={written.began} onChange={(e) => change({ began: e.target.value })} className={BOX} />
            )}
          </Field>
          <Answers file={written} onChange={change} />
          <Field label="What it teaches" hint="Told after the case.">
            {(tie) => (
              <textarea
                autoComplete="off"
                {...tie}
                rows={3}
                maxLength={1000}
                value={written.teaches}
                onChange={(e) => change({ teaches: e.target.value })}
                className={`${BOX} py-2`}
              />
            )}
          </Field>
        </DoorForm>
        {isKept && (
          <div className="mt-4 flex flex-wrap gap-3">
            <BeginNamed name={`written ${code}`} klass={null} words="Try it on the bench" />
            <DoorForm label="Withdraw" submit="Withdraw this case" look="quiet" onSend={() => save(true)}>
              {null}
            </DoorForm>
          </div>
        )}
      </div>
      <Preview file={written} code={code} />
    </div>
  )
}

interface HiddenProps {
  readonly label: string
  readonly held: CaseFile['sources'][number] | undefined
  readonly onChange: (held: CaseFile['sources'][number] | null) => void
}

function Hidden({ label, held, onChange }: HiddenProps) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Field label={label} className="min-w-56 grow">
        {(tie) => (
          <Select
            {...tie}
            value={held?.source ?? ''}
            onChange={(e) => onChange(e.target.value === '' ? null : { source: e.target.value as PlayedSource, side: held?.side ?? 'left', level: null })}
          >
            <option value="">nothing that a test could find, or what the trap is about</option>
            {PLAYED.map((id) => (
              <option key={id} value={id}>
                {SOURCES[id].name}
              </option>
            ))}
          </Select>
        )}
      </Field>
      {held && <SideField value={held.side} onChange={(side) => onChange({ ...held, side })} />}
      {held && (
        <LevelField
          source={held.source}
          value={held.level ?? ''}
          none="drawn"
          onChange={(level) => onChange({ ...held, level: level === '' ? null : level })}
        />
      )}
    </div>
  )
}

/** Answers of the screen and of the history that the case gives by itself are changed here. */
function Answers({ file, onChange }: { readonly file: CaseFile; readonly onChange: (part: Partial<CaseFile>) => void }) {
  const given = (id: ScreenItemId) => (file.yes.includes(id) ? 'yes' : file.no.includes(id) ? 'no' : '')
  const give = (id: ScreenItemId, answer: string) =>
    onChange({
      yes: [...file.yes.filter((y) => y !== id), ...(answer === 'yes' ? [id] : [])],
      no: [...file.no.filter((n) => n !== id), ...(answer === 'no' ? [id] : [])],
    })
  return (
    <details>
      <summary className="min-h-11 cursor-pointer">Answers to the safety screen and the history</summary>
      {SCREEN.map((group) => (
        <fieldset key={group.id} className="mt-2">
          <legend className="font-semibold">{group.name}</legend>
          {group.items.map((item) => (
            <label key={item.id} className="flex min-h-11 items-center gap-3">
              <Select aria-label={item.ask} value={given(item.id)} onChange={(e) => give(item.id, e.target.value)} className="w-28 shrink-0">
                <option value="">as drawn</option>
                <option value="yes">yes</option>
                <option value="no">no</option>
              </Select>
              <span>{item.ask}</span>
            </label>
          ))}
        </fieldset>
      ))}
      <fieldset className="mt-2">
        <legend className="font-semibold">History</legend>
        {FACTS.map((fact) => (
          <label key={fact.id} className="flex min-h-11 items-center gap-3">
            <Select
              aria-label={fact.ask}
              value={file.facts[fact.id] ?? ''}
              onChange={(e) =>
                onChange({
                  facts: {
                    ...Object.fromEntries(Object.entries(file.facts).filter(([id]) => id !== fact.id)),
                    ...(e.target.value !== '' && { [fact.id]: e.target.value as 'yes' | 'no' }),
                  },
                })
              }
              className="w-28 shrink-0"
            >
              <option value="">as drawn</option>
              <option value="yes">yes</option>
              <option value="no">no</option>
            </Select>
            <span>{fact.ask}</span>
          </label>
        ))}
      </fieldset>
    </details>
  )
}

/** The person that comes of it, with what a few tests give. */
function Preview({ file, code }: { readonly file: CaseFile; readonly code: string }) {
  const read = useMemo(() => readCaseFile({ ...file, title: file.title || 'untitled' }), [file])
  const patient = useMemo(() => (read.ok ? patientOfCase(read.file, `written ${code}`) : null), [read, code])
  const [tried, setTried] = useState('leg-raise')
  const test = testById(tried)
  if (!patient || !read.ok) {
    return (
      <section aria-label="The person" className="rounded-card border border-hair bg-sheet p-4">
        <h2 className="text-xl">The parts do not go together</h2>
        <ul className="mt-1 list-disc pl-5">
          {(read.ok ? [] : read.issues).map((issue) => (
            <li key={issue.pointer + issue.what}>
              {issue.pointer.slice(1).replaceAll('/', ', ')} {issue.what}
            </li>
          ))}
        </ul>
      </section>
    )
  }
  const urgency = urgencyOf(patient)
  const side = test?.sides === 'each' ? (patient.sources[0]?.side ?? 'left') : 'none'
  return (
    <section aria-label="The person" className="rounded-card border border-hair bg-sheet p-4 lg:sticky lg:top-4 lg:self-start">
      <h2 className="text-xl">
        {patient.ageYears} years, {patient.irritability} irritability
      </h2>
      {patient.symptoms.map((s) => (
        <p key={s.id} className="mt-1 font-serif text-lg italic">
          “{s.words}”
        </p>
      ))}
      <p className="mt-2">
        What truly hurts: {truthWords(patient)}. {urgency ? `${URGENCY_WORDS[urgency]}.` : 'May be treated.'}
      </p>
      <p className="mt-1 text-ash">
        Yes to:{' '}
        {SCREEN.flatMap((g) => g.items)
          .filter((i) => patient.screen[i.id] === 'yes')
          .map((i) => i.ask)
          .join(' ') || 'nothing of the safety screen'}
      </p>
      <Field label="Try a test" className="mt-3">
        {(tie) => (
          <Select {...tie} value={tried} onChange={(e) => setTried(e.target.value)}>
            {CATALOGUE.filter((t) => !t.follows).map((t) => (
              <option key={t.id} value={t.id}>
                {t.name}
              </option>
            ))}
          </Select>
        )}
      </Field>
      {test && sidesOf(test).length > 0 && (
        <dl className="mt-2 space-y-1">
          {performTruly(patient, test, side, test.variants[0]?.id ?? '').map(({ stage, response }) => (
            <div key={stage.id}>
              <dt className="inline text-ash">{stage.label}: </dt>
              <dd className="inline">
                {response.words !== '' && <span className="font-serif italic">“{response.words}”</span>} {response.hands}
              </dd>
            </div>
          ))}
        </dl>
      )}
    </section>
  )
}
