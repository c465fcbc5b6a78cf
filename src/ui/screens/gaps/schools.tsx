'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { SEGMENTS, type Segment } from '@/core/bag/segment'
import { OWN_START, STEP_SCHOOLS, type StepSchool, type Zones } from '@/core/gaps/zones'
import type { Bag } from '@/core/bag/bag'
import type { Golfer, GolferSchools } from '@/core/golfer'
import type { Stock } from '@/core/stock/stock'
import { STOCK_RULES, type StockRule } from '@/core/stock/stock-rules'
import { readLength } from '@/core/typed-length'
import { lengthIn } from '@/core/units'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { RULE_NAME, SCHOOL_NAME, schoolOf } from '@/text/names'
import { count, len } from '@/text/numbers'

/** Saves the schools that a golfer follows, and reads the page again. */
function useSchools(golfer: Golfer) {
  const { problems, submit } = useSubmit()
  const change = (schools: Partial<GolferSchools>) =>
    submit('PATCH', `/api/golfers/${golfer.id}/schools`, schools)
  return { problems, change }
}

/** Which number is the stock. */
export function StockRuleChoice({ golfer }: { golfer: Golfer }) {
  const { problems, change } = useSchools(golfer)
  return (
    <>
      <label className="school">
        <span className="quiet">Stock is the</span>
        <Form.Select
          value={golfer.stockRule}
          onChange={(event) => change({ stockRule: event.target.value as StockRule })}
        >
          {STOCK_RULES.map((rule) => (
            <option key={rule} value={rule}>
              {RULE_NAME[rule]}
            </option>
          ))}
        </Form.Select>
      </label>
      <Problems of={problems} />
    </>
  )
}

/** Which of a station's shots were hit in wind or from a bad lie, whether they are in, and the way to have it otherwise. */
export function InWind({ golfer, stock }: { golfer: Golfer; stock: Stock }) {
  const { problems, change } = useSchools(golfer)
  const { conditions, carryM } = stock
  if (!conditions || carryM === undefined) return null
  const { apart, counted, withAllM } = conditions
  return (
    <>
      {apart.length > 0 && (
        <p>
          {count(apart.length, 'shot')} in wind or from the rough {apart.length === 1 ? 'is' : 'are'} not in
          it: {len(carryM, golfer, 1)} from calm ones, {len(withAllM, golfer, 1)} if all.
        </p>
      )}
      {counted > 0 && (
        <p>
          {counted === stock.count
            ? 'All of its shots were hit in wind or from the rough: there are no others.'
            : `${counted} of its shots were hit in wind or from the rough.`}
        </p>
      )}
      {(apart.length > 0 || golfer.windCounts) && (
        <Button
          size="sm"
          variant="outline"
          className="no-print mb-2"
          onClick={() => change({ windCounts: !golfer.windCounts })}
        >
          {golfer.windCounts
            ? 'Leave shots in wind out of every stock'
            : 'Count shots in wind in every stock'}
        </Button>
      )}
      <Problems of={problems} />
    </>
  )
}

/** What an even step is. */
export function StepSchoolChoice({ golfer, bag }: { golfer: Golfer; bag: Bag }) {
  const { problems, change } = useSchools(golfer)
  const usual = schoolOf({ stepSchool: null }, bag)
  return (
    <>
      <label className="school">
        <span className="quiet">Even is</span>
        <Form.Select
          value={golfer.stepSchool ?? ''}
          onChange={(event) => {
            const stepSchool = (event.target.value || null) as StepSchool | null
            const first = stepSchool === 'own' && golfer.ownZonesM === null
            void change({ stepSchool, ...(first && { ownZonesM: OWN_START }) })
          }}
        >
          <option value="">{SCHOOL_NAME[usual]}, as usual</option>
          {STEP_SCHOOLS.map((school) => (
            <option key={school} value={school}>
              {SCHOOL_NAME[school]}
            </option>
          ))}
        </Form.Select>
      </label>
      <Problems of={problems} />
    </>
  )
}

const SEGMENT_NAME: Record<Segment, string> = {
  top: 'driver and woods',
  irons: 'hybrids and irons',
  wedges: 'wedges',
}

/** The golfer's own limits of an even step, where that is the school. */
export function OwnLimits({ golfer }: { golfer: Golfer }) {
  const { problems, change } = useSchools(golfer)
  const unit = golfer.lengthUnit
  const own = golfer.ownZonesM ?? OWN_START
  const [typed, setTyped] = useState(() =>
    Object.fromEntries(
      SEGMENTS.map((segment) => [
        segment,
        [own[segment].narrow, own[segment].wide].map((metres) => lengthIn(metres, unit).toFixed(0)),
      ]),
    ),
  )
  const [wrong, setWrong] = useState('')
  const save = async () => {
    const read = SEGMENTS.map((segment) => {
      const [narrow, wide] = (typed[segment] ?? []).map((text) => readLength(text, unit) ?? NaN)
      return { segment, narrow: narrow ?? NaN, wide: wide ?? NaN }
    })
    const bad = read.find(({ narrow, wide }) => !(narrow > 0 && wide > narrow))
    setWrong(
      bad
        ? `${SEGMENT_NAME[bad.segment]}: an even step needs two rising numbers in ${unit}, such as 7 and 15.`
        : '',
    )
    if (bad) return
    const limits = Object.fromEntries(
      read.map(({ segment, narrow, wide }) => [segment, { reversed: 0, narrow, wide }]),
    ) as Record<Segment, Zones>
    await change({ ownZonesM: limits })
  }
  return (
    <section className="sheet own-limits" aria-label="My own limits of an even step">
      {SEGMENTS.map((segment) => (
        <span key={segment} role="group" aria-label={SEGMENT_NAME[segment]}>
          {SEGMENT_NAME[segment]}
          {[0, 1].map((end) => (
            <Form.Control
              key={end}
              size="sm"
              inputMode="decimal"
              aria-label={`${SEGMENT_NAME[segment]}, ${end === 0 ? 'from' : 'to'}`}
              value={typed[segment]?.[end] ?? ''}
              onChange={(event) =>
                setTyped({
                  ...typed,
                  [segment]: (typed[segment] ?? []).map((text, i) => (i === end ? event.target.value : text)),
                })
              }
            />
          ))}
          {unit}
        </span>
      ))}
      <Button size="sm" onClick={save}>
        Set the limits
      </Button>
      {wrong && (
        <p className="problem" role="alert">
          {wrong}
        </p>
      )}
      <Problems of={problems} />
    </section>
  )
}
