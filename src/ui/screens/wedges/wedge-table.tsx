'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import type { Bag } from '@/core/bag/bag'
import type { Turf } from '@/core/model/turf'
import type { Golfer } from '@/core/model/golfer'
import { type Station, FULL_SWING, atStation, isOf } from '@/core/model/station'
import type { WedgeCell } from '@/core/wedges/wedge-table'
import type { Wedges } from '@/core/wedges/wedges'
import { TURF_NAME } from '@/text/day'
import { clubNames, EXPECTED, swingName } from '@/text/names'
import { around, carryText, count, len, percent } from '@/text/numbers'
import { STAR_NOTE } from '@/text/run'
import { cellLines } from '@/text/wedges'
import { isHit } from '@/core/stock/stock'

type Props = {
  golfer: Golfer
  bag: Bag
  swings: string[]
  found: Wedges
  /** The ground that runs are on. */
  turf: Turf
  wanted: Station[]
  onWant: (stations: Station[]) => void
  onDrop: (station: Station) => void
}

/** Wedges by swings. What was not hit yet is estimated, in italics, and one tap puts it into the next plan. */
export function WedgeTable({ golfer, bag, swings, found, turf, wanted, onWant, onDrop }: Props) {
  const name = clubNames(bag)
  const empty = found.table.flat().filter(({ stock, swing }) => !stock && golfer.swings.includes(swing))
  const missing = empty.filter((cell) => !isIn(wanted, cell))
  return (
    <section className="sheet" aria-label="The table">
      <div className="sheet-head d-flex justify-content-between align-items-center gap-2 flex-wrap">
        <h2>By swing</h2>
        {missing.length > 0 && (
          <Button
            size="sm"
            variant="outline"
            onClick={() => onWant(missing.map(({ clubId, swing }) => ({ clubId, swing })))}
          >
            Plan all {missing.length} that are not hit
          </Button>
        )}
      </div>
      <div className="wedge-scroll" tabIndex={0} role="group" aria-label="Wedges by swing">
        <Table className="wedge-table">
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">Club</span>
              </th>
              {swings.map((swing) => (
                <th key={swing} scope="col">
                  {swingName(swing)}
                  {!golfer.swings.includes(swing) && <small className="quiet"> until changed</small>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {found.table.map((row) => (
              <tr key={row[0]?.clubId}>
                <th scope="row">{name(row[0]?.clubId ?? '')}</th>
                {row.map((cell) => (
                  <td key={cell.swing}>
                    <Cell
                      golfer={golfer}
                      cell={cell}
                      found={found}
                      planned={isIn(wanted, cell)}
                      label={`${name(cell.clubId)}, ${swingName(cell.swing)}`}
                      onWant={() => onWant([{ clubId: cell.clubId, swing: cell.swing }])}
                      onDrop={() => onDrop({ clubId: cell.clubId, swing: cell.swing })}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
      {found.shots.some(({ flight }) => flight?.runFrom === 'monitor') && (
        <p className="quiet star-note">{STAR_NOTE}</p>
      )}
      {turf !== 'normal' && found.shots.some(({ flight }) => flight) && (
        <p className="quiet star-note">Rolls and totals are for the day’s {TURF_NAME[turf]} ground.</p>
      )}
    </section>
  )
}

const isIn = (stations: Station[], { clubId, swing }: Station): boolean =>
  stations.some(isOf({ clubId, swing }))

type CellProps = {
  golfer: Golfer
  cell: WedgeCell
  found: Wedges
  planned: boolean
  label: string
  onWant: () => void
  onDrop: () => void
}

function Cell({ golfer, cell, found, planned, label, onWant, onDrop }: CellProps) {
  const { stock, share, estimate } = cell
  const shot = atStation(found.shots, cell)
  const lines = shot?.flight && cellLines(shot.flight, golfer)
  const [open, setOpen] = useState(false)
  if (isHit(stock)) {
    return (
      <>
        <button
          type="button"
          className="wedge-carry num btn-plain"
          aria-expanded={open}
          aria-label={`${label}: ${carryText(stock, golfer)} ${around(stock, golfer)}, more`}
          onClick={() => setOpen(!open)}
        >
          <b>{carryText(stock, golfer)}</b> {around(stock, golfer)}
          {cell.swing !== FULL_SWING && share !== undefined && (
            <span className="quiet"> · {percent(share)}</span>
          )}
        </button>
        <span className={`wedge-more ${open ? 'open' : ''}`}>
          {lines && <small>{lines[0]}</small>}
          <small>
            {lines && `${lines[1]}, `}
            {stock.isExpected ? EXPECTED : count(stock.count, 'shot')}
          </small>
        </span>
      </>
    )
  }
  if (!golfer.swings.includes(cell.swing)) return <span className="quiet">–</span>
  return (
    <>
      {estimate ? (
        <>
          <i className="wedge-carry num">
            ≈ {len(estimate.carryM, golfer)} {around(estimate, golfer)}
          </i>
          <small>not hit: from {estimate.from === 'own' ? 'your other wedges' : 'what is usual'}</small>
        </>
      ) : (
        <span className="quiet">not hit</span>
      )}
      <Button
        size="sm"
        variant={planned ? 'primary' : 'outline'}
        aria-label={
          planned ? `${label}: take it out of the next plan` : `${label}: put it into the next plan`
        }
        aria-pressed={planned}
        onClick={planned ? onDrop : onWant}
      >
        {planned ? 'Planned' : 'Plan it'}
      </Button>
    </>
  )
}
