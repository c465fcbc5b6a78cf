import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core'
import { rectSwappingStrategy, SortableContext, useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { GripVertical } from 'lucide-react'
import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import type { OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { keptPairs, type CarryPair } from '@/core/monitors/agree'
import type { MonitorReading, Pairing } from '@/core/monitors/pair-readings'
import { stationName } from '@/text/names'
import { len } from '@/text/numbers'
import type { MonitorsView } from '@/views/monitors-view'
import { Problems } from '../../shared/shell/problems'
import { useSorting } from '../../shared/sorting'
import { useSubmit } from '../../shared/use-submit'

type Row = { first: MonitorReading | null; second: MonitorReading | null; moved: boolean }
type Props = {
  golfer: Golfer
  clubs: readonly OwnedClub[]
  chosen: NonNullable<MonitorsView['chosen']>
}

/** Shot by shot: what both read, what only one read, and an empty place at the end for a reading that belongs to none. */
function rowsOf({ pairs, left }: Pairing): Row[] {
  const rows: Row[] = [
    ...pairs.map(({ first, second, by }) => ({ first, second, moved: by === 'golfer' })),
    ...left.first.map((first) => ({ first, second: null, moved: false })),
    ...left.second.map((second) => ({ first: null, second, moved: false })),
  ]
  const at = ({ first, second }: Row) => first?.hitMs ?? second?.hitMs ?? 0
  return [...rows.sort((a, b) => at(a) - at(b)), { first: null, second: null, moved: false }]
}

/** The pairs in the order hit; a reading of the second monitor is moved to another shot by its grip, with the pointer or with keys. */
export function PairList({ golfer, clubs, chosen }: Props) {
  const dndId = useId()
  const sensors = useSorting()
  const { problems, submit } = useSubmit()
  const { first, second, pairing } = chosen
  const [shown, setShown] = useState<{ of: Pairing; rows: Row[] } | null>(null)
  const rows = shown?.of === pairing ? shown.rows : rowsOf(pairing)
  const pairs = rows.map(({ first: a, second: b }): CarryPair | null =>
    a?.carryM != null && b?.carryM != null ? [a.carryM, b.carryM] : null,
  )
  const whole = pairs.filter((pair) => pair !== null)
  const kept = keptPairs(whole)
  const address = `/api/golfers/${golfer.id}/pairs`
  const drop = async ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    const [from, to] = [Number(active.id) - 1, Number(over.id) - 1]
    const [one, other] = [rows[from], rows[to]]
    if (!one || !other) return
    setShown({
      of: pairing,
      rows: rows
        .with(from, { ...one, second: other.second, moved: true })
        .with(to, { ...other, second: one.second, moved: true }),
    })
    const moved = [
      [one.second, other.first],
      [other.second, one.first],
    ].flatMap(([b, a]) => (b ? [{ shotId: b.id, withId: a?.id ?? null }] : []))
    if (!(await submit('PUT', address, { moved }))) setShown(null)
  }
  const asFound = () =>
    submit('PUT', address, {
      moved: [],
      found: rows.flatMap(({ first: a, second: b }) => [...(a ? [a.id] : []), ...(b ? [b.id] : [])]),
    })
  return (
    <section className="sheet" aria-label="Shot by shot">
      <p className="quiet px-3 pt-3 mb-2">
        Paired by{' '}
        {pairing.pairs.some(({ by }) => by === 'number') ? 'their numbers at each club' : 'the clock'}. Where
        that is wrong, move a reading of {second} by its grip: drag it, or press Space, arrows, Space.
        {(pairing.moved || rows.some(({ moved }) => moved)) && (
          <>
            {' '}
            <Button size="sm" variant="outline" onClick={() => void asFound()}>
              Pair them as they came
            </Button>
          </>
        )}
      </p>
      <Problems of={problems} />
      <DndContext
        id={dndId}
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={(event) => void drop(event)}
      >
        <SortableContext items={rows.map((_, i) => i + 1)} strategy={rectSwappingStrategy}>
          <Table size="sm" className="num mb-0 pair-list">
            <thead>
              <tr>
                <th scope="col">Shot</th>
                <th scope="col">Club</th>
                <th scope="col">{first}</th>
                <th scope="col">{second}</th>
                <th scope="col">Apart</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ first: a, second: b, moved }, i) => {
                const pair = pairs[i] ?? null
                const isKept = pair === null || kept[whole.indexOf(pair)]
                const read = a ?? b
                const club = clubs.find(({ id }) => id === read?.clubId)
                const name = read ? stationName(club?.name ?? '', read.swing ?? 'full') : 'no shot'
                return (
                  <tr key={`${a?.id ?? ''} ${b?.id ?? ''}`} className={isKept ? '' : 'quiet'}>
                    <th scope="row">
                      {i < rows.length - 1 ? i + 1 : <span className="visually-hidden">none</span>}
                    </th>
                    <td className="quiet">{a || b ? name : 'belongs to no shot'}</td>
                    <td>{a ? carry(a, golfer) : <Lost name={a || b ? first : ''} />}</td>
                    <SecondReading
                      index={i + 1}
                      reading={b}
                      golfer={golfer}
                      second={second}
                      lost={a !== null}
                    />
                    <td>
                      {pair && len(pair[0] - pair[1], golfer, 1)}
                      {!isKept && ', too far for one shot'}
                      {moved && <span className="quiet"> moved</span>}
                    </td>
                  </tr>
                )
              })}
            </tbody>
          </Table>
        </SortableContext>
      </DndContext>
    </section>
  )
}

const carry = ({ carryM }: MonitorReading, golfer: Golfer): string =>
  carryM === null ? 'no carry' : len(carryM, golfer, 1)

const Lost = ({ name }: { name: string }) => (name ? <span className="quiet">not read</span> : null)

type SecondProps = {
  index: number
  reading: MonitorReading | null
  golfer: Golfer
  second: string
  lost: boolean
}

function SecondReading({ index, reading, golfer, second, lost }: SecondProps) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({
    id: index,
    disabled: { draggable: reading === null, droppable: false },
  })
  return (
    <td ref={setNodeRef}>
      {reading ? (
        <span className="reading" style={{ transform: CSS.Transform.toString(transform), transition }}>
          <button
            type="button"
            className="grip"
            aria-label={`Move ${carry(reading, golfer)} of ${second}, place ${index}`}
            {...attributes}
            {...listeners}
          >
            <GripVertical size={15} aria-hidden />
          </button>
          {carry(reading, golfer)}
        </span>
      ) : (
        lost && <Lost name={second} />
      )}
    </td>
  )
}
