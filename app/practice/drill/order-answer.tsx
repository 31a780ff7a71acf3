'use client'

import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core'
import { arrayMove, SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react'
import { useState } from 'react'
import type { DrillAnswer, OrderItem } from '@/core/trainer/drills/drill'
import { Button } from '@/ui/button'

interface Props {
  readonly item: OrderItem
  readonly done: boolean
  readonly onAnswer: (given: DrillAnswer) => void
}

/** Things that are dragged into order, or moved by their arrows. */
export function OrderAnswer({ item, done, onAnswer }: Props) {
  const [order, setOrder] = useState(item.shown)
  const sensors = useSensors(useSensor(PointerSensor), useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }))
  const move = (from: number, to: number) => {
    if (!done && to >= 0 && to < order.length) setOrder(arrayMove([...order], from, to))
  }
  return (
    <>
      <DndContext
        id="order"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          if (over)
            move(
              order.findIndex((o) => o.id === active.id),
              order.findIndex((o) => o.id === over.id),
            )
        }}
      >
        <SortableContext items={order.map((o) => o.id)} strategy={verticalListSortingStrategy}>
          <ol aria-label="In order, first at the top" className="max-w-xl space-y-1.5">
            {order.map((one, i) => (
              <Row key={one.id} id={one.id} words={one.words} place={i + 1} of={order.length} done={done} onMove={(by) => move(i, i + by)} />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <Button look="main" size="large" disabled={done} className="mt-3" onClick={() => onAnswer({ kind: 'order', order: order.map((o) => o.id) })}>
        This is the order
      </Button>
    </>
  )
}

interface RowProps {
  readonly id: string
  readonly words: string
  readonly place: number
  readonly of: number
  readonly done: boolean
  readonly onMove: (by: 1 | -1) => void
}

function Row({ id, words, place, of, done, onMove }: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id, disabled: done })
  return (
    <li
      ref={setNodeRef}
      style={{ transform: transform ? `translate3d(0, ${transform.y}px, 0)` : undefined, transition }}
      className={`flex min-h-12 items-center gap-2 rounded-card border bg-sheet px-2 ${isDragging ? 'z-10 border-lantern' : 'border-edge'}`}
    >
      <button type="button" {...attributes} {...listeners} aria-label={`Drag ${words}`} className="grid size-11 touch-none place-items-center text-ash">
        <GripVertical size={18} aria-hidden="true" />
      </button>
      <span className="figures w-6 text-ash">{place}</span>
      <span className="grow">{words}</span>
      <button
        type="button"
        disabled={done || place === 1}
        onClick={() => onMove(-1)}
        aria-label={`${words}: earlier`}
        className="grid size-11 place-items-center disabled:text-hair"
      >
        <ArrowUp size={18} aria-hidden="true" />
      </button>
      <button
        type="button"
        disabled={done || place === of}
        onClick={() => onMove(1)}
        aria-label={`${words}: later`}
        className="grid size-11 place-items-center disabled:text-hair"
      >
        <ArrowDown size={18} aria-hidden="true" />
      </button>
    </li>
  )
}
