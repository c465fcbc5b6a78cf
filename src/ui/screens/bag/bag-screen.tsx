'use client'

import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core'
import { arrayMove, SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { GripVertical } from 'lucide-react'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { refitClubs, withClub, type Bag, type OwnedClub, allClubs } from '@/core/bag/bag'
import { MOST_CLUBS } from '@/core/bag/club'
import type { ClubId, GolferId } from '@/core/model/ids'
import { twins } from '@/core/refit/refit-club'
import type { Problem } from '@/core/model/problem'
import { useSubmit } from '../../shared/use-submit'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { useSorting } from '../../shared/sorting'
import { count, listed } from '@/text/numbers'
import type { BagMoment } from '@/views/bag-as-it-was'
import { ClubForm } from './club-form'
import { EarlierBags } from './earlier-bags'
import styles from './bag.module.css'

type Props = { golferId: GolferId; bag: Bag; moments: BagMoment[] }

/** The bag's fourteen slots in order, and the rack beside them. */
export function BagScreen({ golferId, bag, moments }: Props) {
  const router = useRouter()
  const dndId = useId()
  const [moved, setMoved] = useState<{ of: Bag; clubs: OwnedClub[] } | null>(null)
  const { problems, setProblems, submit } = useSubmit()
  const [edited, setEdited] = useState<OwnedClub | 'new' | null>(null)
  const clubs = moved?.of === bag ? moved.clubs : bag.clubs
  const rack = allClubs(bag).filter(({ id }) => !clubs.some((club) => club.id === id))
  const sensors = useSorting()

  const fill = async (next: OwnedClub[]) => {
    setMoved({ of: bag, clubs: next })
    // While a bag is made up it may hold too many: nothing is kept until it does not.
    if (next.length > MOST_CLUBS) return
    const clubIds = next.map((club) => club.id)
    if (!(await submit('PUT', `/api/golfers/${golferId}/slots`, { clubIds }))) setMoved(null)
  }
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return
    const indexOf = (id: unknown) => clubs.findIndex((club) => club.id === id)
    void fill(arrayMove(clubs, indexOf(active.id), indexOf(over.id)))
  }
  const toRack = (id: ClubId) => fill(clubs.filter((club) => club.id !== id))
  const intoBag = (club: OwnedClub) => fill(withClub(clubs, club))
  const free = MOST_CLUBS - clubs.length

  return (
    <div className={styles.screen}>
      <PageHead
        title={
          free < 0
            ? `${clubs.length} clubs, ${MOST_CLUBS} allowed: ${-free} over`
            : free === 0
              ? 'Fourteen clubs: the bag is full'
              : `${count(clubs.length, 'club')}, ${count(free, 'slot')} free`
        }
        lede="Longest first. Gaps are between neighbours. Drag a club by its grip, or focus the grip and press Space, arrows, Space."
      >
        <Button variant="outline" onClick={() => setEdited('new')}>
          Add a club
        </Button>
        <Link className="btn btn-primary" href={`/golfers/${golferId}/bay`}>
          Go to the Bay
        </Link>
      </PageHead>
      <Problems of={problems} />
      {free < 0 && (
        <p className="over" role="status">
          Rule 4.1b allows {MOST_CLUBS}. Take {-free === 1 ? 'one' : -free} out first. The bag is unchanged.
        </p>
      )}
      <Twins clubs={clubs} />
      <Lacking clubs={clubs} />
      <div className="bag">
        <section className="sheet" aria-label="In the bag">
          <DndContext id={dndId} sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
            <SortableContext items={clubs.map((club) => club.id)} strategy={verticalListSortingStrategy}>
              <ol className="slots">
                {clubs.map((club, i) => (
                  <Slot
                    key={club.id}
                    club={club}
                    index={i + 1}
                    onEdit={() => setEdited(club)}
                    onRack={() => toRack(club.id)}
                  />
                ))}
                {Array.from({ length: Math.max(0, free) }, (_, i) => (
                  <li key={i} className="slot empty">
                    <span className="place num">{clubs.length + i + 1}</span>
                    <span>free</span>
                  </li>
                ))}
              </ol>
            </SortableContext>
          </DndContext>
        </section>
        <div className="d-grid gap-3">
          {edited && (
            <section className="sheet" aria-label={edited === 'new' ? 'Add a club' : `Change ${edited.name}`}>
              <h2>{edited === 'new' ? 'Add a club' : edited.name}</h2>
              <ClubForm
                key={edited === 'new' ? 'new' : edited.id}
                golferId={golferId}
                club={edited === 'new' ? null : edited}
                onCancel={() => setEdited(null)}
                onDone={(where) => {
                  setEdited(null)
                  setProblems(where === 'on-rack' ? [FULL] : [])
                  router.refresh()
                }}
              />
            </section>
          )}
          <section className="sheet" aria-label="Out of the bag">
            <h2>Out of the bag</h2>
            {rack.length === 0 ? (
              <p className="quiet p-3 mb-0">Clubs that are not in the bag stay here with all their shots.</p>
            ) : (
              <ul className="slots">
                {rack.map((club) => (
                  <li key={club.id} className="slot">
                    <span />
                    <span />
                    <b>{club.name}</b>
                    <span className="quiet kind">{club.kind}</span>
                    <span className="num">{loft(club)}</span>
                    <span className="btns">
                      <Button
                        size="sm"
                        variant="outline"
                        onClick={() => setEdited(club)}
                        aria-label={`Change ${club.name}`}
                      >
                        Change
                      </Button>
                      <Button size="sm" variant="outline" onClick={() => intoBag(club)}>
                        Into the bag
                      </Button>
                    </span>
                  </li>
                ))}
              </ul>
            )}
          </section>
          <EarlierBags golferId={golferId} moments={moments} />
        </div>
      </div>
    </div>
  )
}

/** Two clubs of one loft and model: one of them is said wrongly, or stays at home. */
function Twins({ clubs }: { clubs: OwnedClub[] }) {
  const names = new Map(clubs.map(({ id, name }) => [id, name]))
  const pairs = twins(refitClubs({ clubs, rack: [] }).clubs).map(
    ([a, b]) => `${names.get(a)} and the ${names.get(b)}`,
  )
  if (pairs.length === 0) return null
  return (
    <p className="over" role="status">
      The {listed(pairs)} have one loft and are of one model: correct a loft under Change, or take one out.
    </p>
  )
}

/** What is missing before a club may be bent. */
function Lacking({ clubs }: { clubs: OwnedClub[] }) {
  const bent = clubs.filter(({ kind }) => kind === 'iron' || kind === 'wedge')
  const unmeasured = bent.filter(({ build }) => !build.loftMeasured).length
  const unknown = bent.filter(({ build }) => build.head === undefined).length
  const usual = bent.filter(({ build }) => build.usual).length
  if (unmeasured === 0 && unknown === 0 && usual === 0) return null
  const lacks = [
    unmeasured > 0 && `the measured loft of ${count(unmeasured, 'iron or wedge', 'irons and wedges')}`,
    unknown > 0 && `how the head of ${unknown} is made`,
    usual > 0 && `the bounce of ${usual}, which is a usual one`,
  ].filter((each) => each !== false)
  return <p className="quiet">To get bending advice, add {listed(lacks)} under Change.</p>
}

const FULL: Problem = {
  field: '',
  sentence: `The bag has its ${MOST_CLUBS} clubs (Rule 4.1b): the new one is out of the bag. Take another out to make room.`,
}

type SlotProps = { club: OwnedClub; index: number; onEdit: () => void; onRack: () => void }

function Slot({ club, index: indexOf, onEdit, onRack }: SlotProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({ id: club.id })
  return (
    <li
      ref={setNodeRef}
      className={`slot${isDragging ? ' lifted' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <span className="place num quiet">{indexOf}</span>
      <button
        type="button"
        className="grip"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${club.name}`}
      >
        <GripVertical size={17} aria-hidden />
      </button>
      <b>{club.name}</b>
      <span className="quiet kind">{club.kind}</span>
      <span className="num">
        {loft(club)}
        {club.build.loftMeasured && <small className="quiet"> measured</small>}
      </span>
      <span className="btns">
        <Button size="sm" variant="outline" onClick={onEdit} aria-label={`Change ${club.name}`}>
          Change
        </Button>
        <Button size="sm" variant="outline" onClick={onRack} aria-label={`Take ${club.name} out`}>
          Take out
        </Button>
      </span>
    </li>
  )
}

const loft = ({ loftDeg }: OwnedClub): string => (loftDeg === null ? '–' : `${loftDeg}°`)
