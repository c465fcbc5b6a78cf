import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core'
import { arrayMove, SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { GripVertical, Minus, Plus, X } from 'lucide-react'
import { Fragment, useId } from 'react'
import type { Block } from '@/core/session/plan'
import { useSorting } from '../../shared/sorting'
import { count, minutes } from '@/text/numbers'

type Props = {
  days: { blocks: Block[]; seconds: number }[]
  name: (block: Block) => string
  onChange: (blocks: Block[]) => void
}

/** The blocks of a plan in their order: moved by their grips, with the pointer or with keys, longer or shorter by a tap. */
export function PlanOrderList({ days, name, onChange }: Props) {
  const dndId = useId()
  const blocks = days.flatMap((day) => day.blocks)
  const firstOf = new Map(days.map((_, i) => [days.slice(0, i).flatMap((before) => before.blocks).length, i]))
  const sensors = useSorting()
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onChange(arrayMove(blocks, Number(active.id) - 1, Number(over.id) - 1))
  }
  return (
    <DndContext id={dndId} sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={blocks.map((_, i) => i + 1)} strategy={verticalListSortingStrategy}>
        <ol className="plan-order">
          {blocks.map((block, i) => (
            <Fragment key={i}>
              {days.length > 1 && firstOf.has(i) && (
                <li className="day">
                  Day {(firstOf.get(i) as number) + 1}:{' '}
                  <span className="quiet">about {minutes(days[firstOf.get(i) as number]?.seconds ?? 0)}</span>
                </li>
              )}
              <PlanBlock
                index={i + 1}
                name={name(block)}
                shots={block.shots}
                onShots={(shots) => onChange(blocks.with(i, { ...block, shots }))}
                onRemove={() => onChange(blocks.toSpliced(i, 1))}
              />
            </Fragment>
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  )
}

type BlockProps = {
  index: number
  name: string
  shots: number
  onShots: (shots: number) => void
  onRemove: () => void
}

function PlanBlock({ index, name, shots, onShots, onRemove }: BlockProps) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: index })
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="block"
    >
      <button
        type="button"
        className="grip"
        aria-label={`Move ${name}, place ${index}`}
        {...attributes}
        {...listeners}
      >
        <GripVertical size={16} aria-hidden />
      </button>
      <span>{name}</span>
      <span className="shots">
        <button
          type="button"
          aria-label={`One shot fewer with the ${name}, place ${index}`}
          disabled={shots <= 1}
          onClick={() => onShots(shots - 1)}
        >
          <Minus size={14} aria-hidden />
        </button>
        <span className="num" title={count(shots, 'shot')}>
          {shots}
        </span>
        <button
          type="button"
          aria-label={`One shot more with the ${name}, place ${index}`}
          disabled={shots >= 200}
          onClick={() => onShots(shots + 1)}
        >
          <Plus size={14} aria-hidden />
        </button>
      </span>
      <button
        type="button"
        className="remove"
        aria-label={`Leave out the ${name}, place ${index}`}
        onClick={onRemove}
      >
        <X size={15} aria-hidden />
      </button>
    </li>
  )
}
