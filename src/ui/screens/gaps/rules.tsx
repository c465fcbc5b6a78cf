'use client'

import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { OWN_START } from '@/core/gaps/zones'
import type { GapRule } from '@/core/model/gap-rule'
import type { Golfer, GolferRules } from '@/core/model/golfer'
import type { Stock } from '@/core/stock/stock'
import type { StockRule } from '@/core/model/stock-rule'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { exclusionWhere, RULE_NAME, GAP_RULE_NAME, gapRuleOf } from '@/text/names'
import { count, len } from '@/text/numbers'
import { Options } from '../../shared/form/options'

/** Saves the rules of a golfer and reloads the page. */
export function useRules(golfer: Golfer) {
  const { problems, submit } = useSubmit()
  const change = (rules: Partial<GolferRules>) => submit('PATCH', `/api/golfers/${golfer.id}/rules`, rules)
  return { problems, change }
}

/** Which number is the stock. */
export function StockRuleChoice({ golfer }: { golfer: Golfer }) {
  const { problems, change } = useRules(golfer)
  return (
    <>
      <label className="school">
        <span className="quiet">Stock is the</span>
        <Form.Select
          value={golfer.stockRule}
          onChange={(event) => change({ stockRule: event.target.value as StockRule })}
        >
          <Options names={RULE_NAME} />
        </Form.Select>
      </label>
      <Problems of={problems} />
    </>
  )
}

/** Which of a station's shots were hit in wind, from a bad lie or off the other surface, whether they are in, and the way to have wind otherwise. */
export function InWind({ golfer, stock }: { golfer: Golfer; stock: Stock }) {
  const { problems, change } = useRules(golfer)
  const { conditions, carryM } = stock
  if (!conditions || carryM === undefined) return null
  const { excluded, why, counted, countedWhy, withAllM } = conditions
  const isOfWind = why.some((each) => each === 'wind' || each === 'rough')
  return (
    <>
      {excluded.length > 0 && (
        <p>
          {count(excluded.length, 'shot')} {exclusionWhere(why)} {excluded.length === 1 ? 'is' : 'are'} not in
          it: {len(carryM, golfer, 1)} from the others, {len(withAllM, golfer, 1)} if all.
        </p>
      )}
      {counted > 0 && (
        <p>
          {counted === stock.count
            ? `All of its shots were hit ${exclusionWhere(countedWhy)}: there are no others.`
            : `${counted} of its shots were hit ${exclusionWhere(countedWhy)}.`}
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

/** What a good gap is. */
export function GapRuleChoice({ golfer }: { golfer: Golfer }) {
  const { problems, change } = useRules(golfer)
  const usual = gapRuleOf({ gapRule: null })
  return (
    <>
      <label className="school">
        <span className="quiet">Good gap</span>
        <Form.Select
          value={golfer.gapRule ?? ''}
          onChange={(event) => {
            const gapRule = (event.target.value || null) as GapRule | null
            const first = gapRule === 'own' && golfer.ownZonesM === null
            void change({ gapRule, ...(first && { ownZonesM: OWN_START }) })
          }}
        >
          <option value="">{GAP_RULE_NAME[usual]}, as usual</option>
          <Options names={GAP_RULE_NAME} />
        </Form.Select>
      </label>
      <Problems of={problems} />
    </>
  )
}
