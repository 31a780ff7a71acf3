'use client'

import { CATALOGUE, isTestId } from '@/core/catalogue'
import type { TestId } from '@/core/catalogue/exam-test'
import { ASKABLE } from '@/core/clusters/askable'
import type { DraftItem, RuleDraft } from '@/core/clusters/draft'
import { type Item, type ItemSide, type MeasuredField, type MeasuredItem, testOf } from '@/core/clusters/item'
import { itemWords } from '@/core/clusters/item-words'
import { MEASURED_FIELDS, freshItem, COMPARISONS, measureWords } from '@/core/clusters/fresh-item'
import { BODY_AREAS } from '@/core/vocabulary/body-area'
import { Button } from '@/ui/button'

const FIELD = 'min-h-11 rounded-card border border-edge bg-dust px-2 text-base'

const KINDS: readonly { readonly id: Item['kind']; readonly name: string }[] = [
  { id: 'positive', name: 'A test reproduces the familiar symptom' },
  { id: 'measured', name: 'A measured value' },
  { id: 'told', name: 'An answer of the story or the screen' },
  { id: 'age', name: 'Age' },
  { id: 'painted', name: 'A painted area' },
]

const SIDES: readonly { readonly id: ItemSide; readonly name: string }[] = [
  { id: 'same', name: 'on the side the rule is read for' },
  { id: 'either', name: 'on either side' },
  { id: 'left', name: 'on the left' },
  { id: 'right', name: 'on the right' },
]

const TESTS = CATALOGUE.toSorted((a, b) => a.name.localeCompare(b.name))

/** The conditions of a rule, each with what it is, its side, and its points where points count. */
export function ItemsEditor({ draft, onChange }: { readonly draft: RuleDraft; readonly onChange: (items: readonly DraftItem[]) => void }) {
  const set = (at: number, part: Partial<DraftItem>) => onChange(draft.items.map((item, i) => (i === at ? { ...item, ...part } : item)))
  return (
    <fieldset className="mt-4">
      <legend className="font-semibold">Conditions</legend>
      <ol className="space-y-2">
        {draft.items.map((line, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2">
            <span className="w-6 text-ash">{i + 1}</span>
            <select
              aria-label={`Condition ${i + 1}: kind`}
              value={line.item.kind}
              onChange={(e) => set(i, { item: freshItem(e.target.value as Item['kind'], i) })}
              className={FIELD}
            >
              {KINDS.map((kind) => (
                <option key={kind.id} value={kind.id}>
                  {kind.name}
                </option>
              ))}
            </select>
            <ItemFields item={line.item} at={i} onChange={(item) => set(i, { item })} />
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                checked={line.negated}
                onChange={(e) => set(i, { negated: e.target.checked })}
                className="size-5 accent-[var(--lantern)]"
              />
              not
            </label>
            {draft.counting === 'points' && (
              <label className="flex items-center gap-2">
                worth
                <input
                  autoComplete="off"
                  type="number"
                  min={0.5}
                  step={0.5}
                  value={line.worth}
                  onChange={(e) => set(i, { worth: Number(e.target.value) })}
                  className={`${FIELD} w-20`}
                />
              </label>
            )}
            <Button
              aria-label={`Take out condition ${i + 1}, ${itemWords(line.item)}`}
              onClick={() => onChange(draft.items.filter((_, j) => j !== i))}
              look="quiet"
            >
              Take out
            </Button>
          </li>
        ))}
      </ol>
      <Button onClick={() => onChange([...draft.items, { item: freshItem('positive', draft.items.length), worth: 1, negated: false }])} className="mt-2">
        Add a condition
      </Button>
    </fieldset>
  )
}

function ItemFields({ item, at, onChange }: { readonly item: Item; readonly at: number; readonly onChange: (item: Item) => void }) {
  const label = (what: string) => `Condition ${at + 1}: ${what}`
  const measured = (part: Partial<MeasuredItem>) => {
    if (item.kind !== 'measured') return
    const next = { ...item, ...part }
    onChange({ ...next, words: measureWords(next.test, next.field, next.is, next.value) })
  }
  const testChoice = (onTest: (test: TestId) => void) => (
    <select
      aria-label={label('test')}
      value={testOf(item) ?? ''}
      onChange={(e) => {
        if (isTestId(e.target.value)) onTest(e.target.value)
      }}
      className={`${FIELD} max-w-64`}
    >
      {TESTS.map((test) => (
        <option key={test.id} value={test.id}>
          {test.name}
        </option>
      ))}
    </select>
  )
  const sideChoice = (side: ItemSide, onSide: (side: ItemSide) => void) => (
    <select aria-label={label('side')} value={side} onChange={(e) => onSide(e.target.value as ItemSide)} className={FIELD}>
      {SIDES.map((s) => (
        <option key={s.id} value={s.id}>
          {s.name}
        </option>
      ))}
    </select>
  )
  switch (item.kind) {
    case 'positive':
      return (
        <>
          {testChoice((test) => onChange({ ...item, test }))}
          {sideChoice(item.side, (side) => onChange({ ...item, side }))}
        </>
      )
    case 'measured':
      return (
        <>
          {testChoice((test) => measured({ test }))}
          <select
            aria-label={label('what is measured')}
            value={item.field}
            onChange={(e) => measured({ field: e.target.value as MeasuredField })}
            className={FIELD}
          >
            {MEASURED_FIELDS.map((f) => (
              <option key={f.id} value={f.id}>
                {f.name}
              </option>
            ))}
          </select>
          <select aria-label={label('limit')} value={item.is} onChange={(e) => measured({ is: e.target.value as MeasuredItem['is'] })} className={FIELD}>
            {COMPARISONS.map((l) => (
              <option key={l.id} value={l.id}>
                {l.name}
              </option>
            ))}
          </select>
          <input
            autoComplete="off"
            aria-label={label('value')}
            type="number"
            value={item.value}
            onChange={(e) => measured({ value: Number(e.target.value) })}
            className={`${FIELD} w-24`}
          />
          {sideChoice(item.side, (side) => measured({ side }))}
        </>
      )
    case 'told':
      return (
        <>
          <select
            aria-label={label('question')}
            value={item.id}
            onChange={(e) => {
              const asked = ASKABLE.find((q) => q.id === e.target.value)
              if (asked) onChange({ ...item, id: asked.id, words: asked.ask.slice(0, 120) })
            }}
            className={`${FIELD} max-w-md`}
          >
            {ASKABLE.map((q) => (
              <option key={q.id} value={q.id}>
                {q.ask}
              </option>
            ))}
          </select>
          <select
            aria-label={label('answer')}
            value={item.answer}
            onChange={(e) => onChange({ ...item, answer: e.target.value === 'no' ? 'no' : 'yes' })}
            className={FIELD}
          >
            <option value="yes">yes</option>
            <option value="no">no</option>
          </select>
        </>
      )
    case 'age':
      return (
        <>
          <select
            aria-label={label('limit')}
            value={item.is}
            onChange={(e) => onChange({ ...item, is: e.target.value === 'under' ? 'under' : 'at-least' })}
            className={FIELD}
          >
            <option value="at-least">at least</option>
            <option value="under">under</option>
          </select>
          <input
            autoComplete="off"
            aria-label={label('years')}
            type="number"
            min={0}
            max={130}
            value={item.years}
            onChange={(e) => onChange({ ...item, years: Number(e.target.value) })}
            className={`${FIELD} w-24`}
          />
          years
        </>
      )
    case 'painted':
      return (
        <select aria-label={label('area')} value={item.at[0]} onChange={(e) => onChange(paintedAt(e.target.value))} className={FIELD}>
          {Object.entries(BODY_AREAS).map(([id, area]) => (
            <option key={id} value={id}>
              {area.name}
            </option>
          ))}
        </select>
      )
    case 'observed':
      return <span>{itemWords(item)}</span>
  }
}

function paintedAt(id: string): Item {
  const area = Object.keys(BODY_AREAS).find((known): known is keyof typeof BODY_AREAS => known === id) ?? 'buttock'
  return { kind: 'painted', id: `area-${area}`, words: `Painted: ${BODY_AREAS[area].name}`, at: [area] }
}
