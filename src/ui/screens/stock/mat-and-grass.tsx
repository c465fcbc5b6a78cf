import Form from 'react-bootstrap/Form'
import type { StockSurface } from '@/core/model/surface'
import type { Golfer } from '@/core/model/golfer'
import type { MatAndGrass as Surfaces } from '@/core/stock/mat-and-grass'
import { surfacesSentence } from '@/text/lies'
import { choicesIn, OFF_SURFACE } from '@/text/names'
import { useRules } from '../gaps/rules'
import { Problems } from '../../shared/shell/problems'

/** Stations that were hit off a mat and off grass: what differs, and which of the two the stocks stand for. */
export function MatAndGrass({ golfer, surfaces }: { golfer: Golfer; surfaces: Surfaces | null }) {
  const { problems, change } = useRules(golfer)
  if (!surfaces && golfer.stocksOff === null) return null
  return (
    <section className="sheet p-3 mb-2 no-print" aria-label="Mat and grass">
      <Problems of={problems} />
      {surfaces && <p className="mb-1">{surfacesSentence(surfaces)}</p>}
      <label className="school">
        <span className="quiet">Stocks are of shots</span>
        <Form.Select
          size="sm"
          className="w-auto"
          value={golfer.stocksOff ?? ''}
          onChange={({ target }) => void change({ stocksOff: (target.value || null) as StockSurface | null })}
        >
          <option value="">off both, as one</option>
          {choicesIn(OFF_SURFACE).map(([off, where]) => (
            <option key={off} value={off}>
              {where}; the others beside them
            </option>
          ))}
        </Form.Select>
      </label>
    </section>
  )
}
