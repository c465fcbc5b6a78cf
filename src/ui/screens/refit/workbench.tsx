import { Minus, Plus } from 'lucide-react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import { GRIP_DOWN } from '@/core/bag/grip-down'
import type { ClubId } from '@/core/model/ids'
import type { Fix } from '@/core/refit/fixes'
import type { PaperClub } from '@/core/refit/paper-bag'
import { otherLofts } from '@/core/refit/search'
import type { Refit } from '@/core/refit/refit'
import { BEND_INCREMENT_DEG, loftLimits } from '@/core/refit/refit-club'
import { INCH_M } from '@/core/units'
import { chance, fixed } from '@/text/numbers'
import { fixSentence, lengthened } from '@/text/refit'
import { atHead } from '@/text/numbers'
import { changed, triedWith, type Else, type PaperTread } from './on-paper'
import { TryClub } from './try-club'

type Props = {
  golfer: Golfer
  refit: Refit
  fixes: Fix[]
  gaps: PaperTread[]
  name: (id: ClubId) => string
  onChange: (fixes: Fix[]) => void
}

/** A row for each club: bend it, grip it down, take it out, and see the ladder follow. */
export function Workbench({ golfer, refit, fixes, gaps, name, onChange }: Props) {
  const { clubs } = refit.bag
  const added = fixes.filter((fix) => fix.kind === 'add')
  const racked = refit.bag.rack.filter(
    ({ club, carryM }) => carryM !== null && !added.some(({ clubId }) => clubId === club.id),
  )
  return (
    <section className="sheet workbench" aria-label="Try it yourself">
      <h2>
        Try it yourself{' '}
        <span className="quiet fw-normal">half a degree at a time, within what each head takes</span>
      </h2>
      <ul>
        {clubs.map((each) => {
          const gap = gaps.find(({ longerId }) => longerId === each.club.id)
          return (
            <li key={each.club.id} className={triedWith(fixes, each.club.id).dropped ? 'dropped' : ''}>
              <b>{name(each.club.id)}</b>
              {triedWith(fixes, each.club.id).dropped ? (
                <span className="quiet out">out of the bag</span>
              ) : (
                <>
                  <Turn each={each} fixes={fixes} name={name} onChange={onChange} />
                  <Otherwise each={each} fixes={fixes} name={name} onChange={onChange} />
                </>
              )}
              <Form.Check
                type="checkbox"
                id={`drop-${each.club.id}`}
                label="out"
                aria-label={`Take out the ${name(each.club.id)}`}
                checked={triedWith(fixes, each.club.id).dropped}
                disabled={
                  clubs.length - fixes.filter(({ kind }) => kind === 'drop').length <= 2 &&
                  !triedWith(fixes, each.club.id).dropped
                }
                onChange={({ target }) =>
                  onChange(
                    changed(
                      fixes,
                      each.club.id,
                      // A club that goes is not changed as well.
                      ['drop', 'bend', 'sleeve', 'swap', 'length', 'grip'],
                      target.checked ? { kind: 'drop', clubId: each.club.id } : null,
                    ),
                  )
                }
              />
              <span className="num step">
                {gap ? (
                  <>
                    {gap.letter && <b className="letter">{gap.letter}</b>} {fixed(gap.drawn, 0)}{' '}
                    {golfer.lengthUnit} to the next, good {chance(gap.good)}
                  </>
                ) : (
                  <span className="quiet">{each.carryM === null ? 'not hit yet' : ''}</span>
                )}
              </span>
            </li>
          )
        })}
      </ul>
      <div className="d-flex gap-2 p-3 flex-wrap align-items-end">
        {added.map((fix) => (
          <Button
            key={JSON.stringify(fix)}
            size="sm"
            variant="outline"
            onClick={() => onChange(fixes.filter((each) => each !== fix))}
          >
            Remove: {fixSentence(fix, name, golfer)}
          </Button>
        ))}
        {racked.map(({ club }) => (
          <Button
            key={club.id}
            size="sm"
            variant="outline"
            onClick={() => onChange([...fixes, { kind: 'add', clubId: club.id }])}
          >
            {atHead(fixSentence({ kind: 'add', clubId: club.id }, name))}
          </Button>
        ))}
        <TryClub golfer={golfer} onTry={(fix) => onChange([...fixes, fix])} />
        {fixes.length > 0 && (
          <Button size="sm" variant="outline" onClick={() => onChange([])}>
            Undo all
          </Button>
        )}
        {refit.freeSlots === 0 && (
          <span className="quiet">The bag is full. Take one club out for each that you add.</span>
        )}
      </div>
    </section>
  )
}

type RowProps = {
  each: PaperClub
  fixes: Fix[]
  name: (id: ClubId) => string
  onChange: (fixes: Fix[]) => void
}

function Turn({ each: { club, carryM }, fixes, name, onChange }: RowProps) {
  const { kind, stronger, weaker } = loftLimits(club)
  const { degrees, else: otherwise } = triedWith(fixes, club.id)
  if (otherwise?.kind === 'swap') return <span className="num turn">{otherwise.loftDeg}° instead</span>
  if (kind === 'none' || club.loftDeg === null || carryM === null)
    return (
      <span className="quiet turn">
        {club.loftDeg === null
          ? 'loft not known'
          : club.head === 'hollow' || club.head === 'titanium'
            ? `${club.loftDeg}°, ${club.head}, cannot be bent`
            : `${club.loftDeg}°`}
      </span>
    )
  const set = (next: number) =>
    onChange(changed(fixes, club.id, [kind], next === 0 ? null : { kind, clubId: club.id, degrees: next }))
  return (
    <span className="turn">
      <Button
        size="sm"
        variant="outline"
        aria-label={`${name(club.id)} stronger`}
        disabled={degrees <= stronger}
        onClick={() => set(degrees - BEND_INCREMENT_DEG)}
      >
        <Minus size={15} aria-hidden />
      </Button>
      <span className="num" aria-live="polite">
        {Number((club.loftDeg + degrees).toFixed(1))}°
        {degrees !== 0 && <small> {degrees > 0 ? `+${degrees}` : `−${-degrees}`}</small>}
        <Form.Range
          min={stronger}
          max={weaker}
          step={BEND_INCREMENT_DEG}
          value={degrees}
          aria-label={`Loft of the ${name(club.id)}`}
          aria-valuetext={`${Number((club.loftDeg + degrees).toFixed(1))}°`}
          onChange={({ target }) => set(Number(target.value))}
        />
      </span>
      <Button
        size="sm"
        variant="outline"
        aria-label={`${name(club.id)} weaker`}
        disabled={degrees >= weaker}
        onClick={() => set(degrees + BEND_INCREMENT_DEG)}
      >
        <Plus size={15} aria-hidden />
      </Button>
    </span>
  )
}

const INCHES = [-1, -0.5, 0.5]

/** What else could be tried with a club: gripped down, another loft of its model, another length. */
function Otherwise({ each, fixes, name, onChange }: RowProps) {
  const { club, carryM } = each
  if (carryM === null) return <span />
  const { id: clubId, loftDeg } = club
  const now = triedWith(fixes, clubId).else
  const options: { label: string; fixes: Else[] }[] = [
    {
      label: 'Gripped down',
      fixes: Array.from({ length: GRIP_DOWN.mostCm }, (_, i) => ({ kind: 'grip', clubId, cm: i + 1 })),
    },
    {
      label: 'Another loft of its model',
      fixes:
        loftDeg === null
          ? []
          : otherLofts(loftDeg, [each]).map((loft) => ({ kind: 'swap', clubId, loftDeg: loft })),
    },
    {
      label: 'Another length (never the first choice)',
      fixes: INCHES.map((inches) => ({ kind: 'length', clubId, longerM: inches * INCH_M })),
    },
  ]
  const all = options.flatMap((option) => option.fixes)
  const index = all.findIndex((fix) => JSON.stringify(fix) === JSON.stringify(now))
  return (
    <Form.Select
      size="sm"
      aria-label={`What else with the ${name(clubId)}`}
      value={index}
      onChange={({ target }) => {
        const fix = all[Number(target.value)] ?? null
        // One that is bought in its place is not bent.
        const instead = fix?.kind === 'swap' ? (['bend', 'sleeve'] as const) : []
        onChange(changed(fixes, clubId, ['grip', 'swap', 'length', ...instead], fix))
      }}
    >
      <option value={-1}>as now</option>
      {options.map(({ label, fixes: of }) => (
        <optgroup key={label} label={label}>
          {of.map((fix) => (
            <option key={JSON.stringify(fix)} value={all.indexOf(fix)}>
              {elseWords(fix)}
            </option>
          ))}
        </optgroup>
      ))}
    </Form.Select>
  )
}

const elseWords = (fix: Else): string =>
  fix.kind === 'grip'
    ? `down ${fix.cm} cm`
    : fix.kind === 'swap'
      ? `one of ${fix.loftDeg}°`
      : lengthened(fix.longerM)
