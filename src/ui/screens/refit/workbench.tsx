import { Minus, Plus } from 'lucide-react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import { GRIP_DOWN } from '@/core/grip-down'
import type { ClubId } from '@/core/ids'
import type { Fix } from '@/core/refit/fixes'
import { middleLoft, type PaperClub } from '@/core/refit/paper-bag'
import { otherLofts } from '@/core/refit/search'
import type { Refit } from '@/core/refit/refit'
import { BEND_STEP_DEG, loftLimits } from '@/core/refit/refit-club'
import { INCH_M } from '@/core/units'
import { chance, fixed } from '@/text/numbers'
import { lengthened } from '@/text/refit'
import { changed, triedWith, type Else, type PaperTread } from './on-paper'

type Props = {
  golfer: Golfer
  refit: Refit
  bag: Bag
  fixes: Fix[]
  steps: PaperTread[]
  name: (id: ClubId) => string
  onChange: (fixes: Fix[]) => void
}

/** A row for each club: bend it, grip it down, leave it at home, and see the stair follow. */
export function Workbench({ golfer, refit, bag, fixes, steps, name, onChange }: Props) {
  const { clubs } = refit.bag
  const adds = additions(refit, fixes, name)
  return (
    <section className="sheet workbench" aria-label="The workbench">
      <h2>
        The workbench{' '}
        <span className="quiet fw-normal">half a degree at a time, within what each head takes</span>
      </h2>
      <ul>
        {clubs.map((each) => {
          const step = steps.find(({ longerId }) => longerId === each.club.id)
          return (
            <li key={each.club.id} className={triedWith(fixes, each.club.id).dropped ? 'dropped' : ''}>
              <b>{name(each.club.id)}</b>
              <Turn each={each} fixes={fixes} name={name} onChange={onChange} />
              <Otherwise each={each} fixes={fixes} name={name} onChange={onChange} />
              <Form.Check
                type="checkbox"
                id={`drop-${each.club.id}`}
                label="at home"
                aria-label={`Leave the ${name(each.club.id)} at home`}
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
                      ['drop'],
                      target.checked ? { kind: 'drop', clubId: each.club.id } : null,
                    ),
                  )
                }
              />
              <span className="num step">
                {step ? (
                  <>
                    {step.letter && <b className="letter">{step.letter}</b>} {fixed(step.drawn, 0)}{' '}
                    {golfer.lengthUnit} to the next, even {chance(step.even)}
                  </>
                ) : (
                  <span className="quiet">{each.carryM === null ? 'not hit yet' : ''}</span>
                )}
              </span>
            </li>
          )
        })}
      </ul>
      <div className="d-flex gap-2 p-3 flex-wrap align-items-center">
        {adds.map(({ fix, label }) => (
          <Button key={label} size="sm" variant="outline" onClick={() => onChange([...fixes, fix])}>
            {label}
          </Button>
        ))}
        {fixes.length > 0 && (
          <Button size="sm" variant="outline" onClick={() => onChange([])}>
            Clear the bench
          </Button>
        )}
        {refit.freeSlots === 0 && adds.length > 0 && (
          <span className="quiet">
            The bag has its {bag.clubs.length} clubs: leave one at home for what comes in.
          </span>
        )}
      </div>
    </section>
  )
}

/** What could come into the bag: a club of the rack that was hit, one in the middle of the widest step. */
function additions(
  { bag }: Refit,
  fixes: readonly Fix[],
  name: (id: ClubId) => string,
): { fix: Fix; label: string }[] {
  const racked = bag.rack.flatMap(({ club, carryM }) =>
    carryM === null || fixes.some((fix) => fix.kind === 'add' && fix.clubId === club.id)
      ? []
      : [{ fix: { kind: 'add', clubId: club.id } as const, label: `Take the ${name(club.id)} off the rack` }],
  )
  const widest = bag.clubs
    .slice(1)
    .map((shorter, i) => ({ longer: bag.clubs[i] as PaperClub, shorter }))
    .filter(({ longer, shorter }) => longer.carryM !== null && shorter.carryM !== null)
    .sort((a, b) => gap(b) - gap(a))[0]
  const loftDeg = widest ? middleLoft(widest.longer, widest.shorter) : null
  return loftDeg === null || fixes.some((fix) => fix.kind === 'add' && fix.loftDeg === loftDeg)
    ? racked
    : [...racked, { fix: { kind: 'add', loftDeg }, label: `Try a club of ${loftDeg}°` }]
}

const gap = ({ longer, shorter }: { longer: PaperClub; shorter: PaperClub }): number =>
  (longer.carryM ?? 0) - (shorter.carryM ?? 0)

type RowProps = {
  each: PaperClub
  fixes: Fix[]
  name: (id: ClubId) => string
  onChange: (fixes: Fix[]) => void
}

function Turn({ each: { club, carryM }, fixes, name, onChange }: RowProps) {
  const { kind, stronger, weaker } = loftLimits(club)
  const { degrees, else: otherwise } = triedWith(fixes, club.id)
  if (otherwise?.kind === 'swap') return <span className="num turn">{otherwise.loftDeg}° in its place</span>
  if (kind === 'none' || club.loftDeg === null || carryM === null)
    return (
      <span className="quiet turn">
        {club.loftDeg === null
          ? 'loft not known'
          : club.head === 'hollow' || club.head === 'titanium'
            ? `${club.loftDeg}°, ${club.head}: none bends it`
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
        onClick={() => set(degrees - BEND_STEP_DEG)}
      >
        <Minus size={15} aria-hidden />
      </Button>
      <span className="num" aria-live="polite">
        {Number((club.loftDeg + degrees).toFixed(1))}°
        {degrees !== 0 && <small> {degrees > 0 ? `+${degrees}` : `−${-degrees}`}</small>}
        <Form.Range
          min={stronger}
          max={weaker}
          step={BEND_STEP_DEG}
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
        onClick={() => set(degrees + BEND_STEP_DEG)}
      >
        <Plus size={15} aria-hidden />
      </Button>
    </span>
  )
}

const INCHES = [-1, -0.5, 0.5]

/** What else could be tried with a club: gripped down, another of its model, another length. */
function Otherwise({ each, fixes, name, onChange }: RowProps) {
  const { club, carryM } = each
  if (carryM === null) return <span />
  const { id: clubId, loftDeg } = club
  const now = triedWith(fixes, clubId).else
  const ways: { label: string; fixes: Else[] }[] = [
    {
      label: 'Gripped down',
      fixes: Array.from({ length: GRIP_DOWN.mostCm }, (_, i) => ({ kind: 'grip', clubId, cm: i + 1 })),
    },
    {
      label: 'Another of its model',
      fixes:
        loftDeg === null
          ? []
          : otherLofts(loftDeg, [each]).map((loft) => ({ kind: 'swap', clubId, loftDeg: loft })),
    },
    {
      label: 'Another length: never the first choice',
      fixes: INCHES.map((inches) => ({ kind: 'length', clubId, longerM: inches * INCH_M })),
    },
  ]
  const all = ways.flatMap((way) => way.fixes)
  const place = all.findIndex((fix) => JSON.stringify(fix) === JSON.stringify(now))
  return (
    <Form.Select
      size="sm"
      aria-label={`What else with the ${name(clubId)}`}
      value={place}
      onChange={({ target }) => {
        const fix = all[Number(target.value)] ?? null
        // One that is bought in its place is not bent.
        const instead = fix?.kind === 'swap' ? (['bend', 'sleeve'] as const) : []
        onChange(changed(fixes, clubId, ['grip', 'swap', 'length', ...instead], fix))
      }}
    >
      <option value={-1}>as it is</option>
      {ways.map(({ label, fixes: of }) => (
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
