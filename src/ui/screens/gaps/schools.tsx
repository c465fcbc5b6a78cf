'use client'

import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { OWN_START, STEP_SCHOOLS, type StepSchool } from '@/core/gaps/zones'
import type { Golfer, GolferSchools } from '@/core/golfer'
import type { Stock } from '@/core/stock/stock'
import { STOCK_RULES, type StockRule } from '@/core/stock/stock-rules'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { apartWhere, RULE_NAME, SCHOOL_NAME, schoolOf } from '@/text/names'
import { count, len } from '@/text/numbers'

/** Saves the schools that a golfer follows, and reads the page again. */
export function useSchools(golfer: Golfer) {
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

/** Which of a station's shots were hit in wind, from a bad lie or off the other surface, whether they are in, and the way to have wind otherwise. */
export function InWind({ golfer, stock }: { golfer: Golfer; stock: Stock }) {
  const { problems, change } = useSchools(golfer)
  const { conditions, carryM } = stock
  if (!conditions || carryM === undefined) return null
  const { apart, why, counted, countedWhy, withAllM } = conditions
  const isOfWind = why.some((each) => each === 'wind' || each === 'rough')
  return (
    <>
      {apart.length > 0 && (
        <p>
          {count(apart.length, 'shot')} {apartWhere(why)} {apart.length === 1 ? 'is' : 'are'} not in it:{' '}
          {len(carryM, golfer, 1)} from the others, {len(withAllM, golfer, 1)} if all.
        </p>
      )}
      {counted > 0 && (
        <p>
          {counted === stock.count
            ? `All of its shots were hit ${apartWhere(countedWhy)}: there are no others.`
            : `${counted} of its shots were hit ${apartWhere(countedWhy)}.`}
        </p>
      )}
      {(isOfWind || golfer.windCounts) && (
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
export function StepSchoolChoice({ golfer }: { golfer: Golfer }) {
  const { problems, change } = useSchools(golfer)
  const usual = schoolOf({ stepSchool: null })
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
