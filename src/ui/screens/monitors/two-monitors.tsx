'use client'

import Link from 'next/link'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Table from 'react-bootstrap/Table'
import type { Golfer } from '@/core/model/golfer'
import { agreement, keptPairs, PRACTICE_M } from '@/core/monitors/agree'
import { pairsToProve } from '@/core/monitors/pairs-to-prove'
import { readPairs } from '@/core/monitors/typed-pairs'
import { agreeFinding, leftOverSentence, moreSentence } from '@/text/monitors'
import { len } from '@/text/numbers'
import { lengthMeasure } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'
import { PageHead } from '../../shared/shell/page-head'
import { TextField } from '../../shared/form/text-field'
import { AgreementFound } from './agreement-found'
import styles from './monitors.module.css'

/** How far two monitors agree on the same shots: two carries a line, typed or pasted. */
export function TwoMonitors({ golfer, compared }: { golfer: Golfer; compared: boolean }) {
  const [text, setText] = useState('')
  const [first, setFirst] = useState('')
  const [second, setSecond] = useState('')
  const [toleranceM, setToleranceM] = useState<number | null>(PRACTICE_M)
  const { lengthUnit } = golfer
  const within = toleranceM !== null && toleranceM > 0 ? toleranceM : PRACTICE_M
  const { pairs, left } = readPairs(text, lengthUnit)
  const both = pairs.map(({ pair }) => pair)
  const kept = keptPairs(both)
  const found = agreement(both, within)
  const names = { first: first.trim() || 'The first', second: second.trim() || 'the second' }
  return (
    <div className={styles.screen}>
      <PageHead
        title={
          found
            ? agreeFinding(found, { first: names.first, toleranceM: within }, golfer)
            : 'How far do two monitors agree?'
        }
        lede={
          found
            ? `${moreSentence(found, pairsToProve(found, within), within, golfer)} ${leftOverSentence(found.dropped, left.length)}`
            : 'Hit twenty shots that both monitors read, with four clubs from wedge to driver. Type both carries of each. The result appears from three pairs on.'
        }
      >
        {compared && (
          <Link className="btn btn-outline" href={`/golfers/${golfer.id}/monitors`}>
            Monitors that watched
          </Link>
        )}
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/log`}>
          Log
        </Link>
      </PageHead>
      <div className="two-monitors">
        <section className="sheet p-3 d-grid gap-3" aria-label="The shots">
          <div className="pairs">
            <TextField
              label="The first monitor"
              text="monitor"
              value={first}
              placeholder="A"
              onChange={({ target }) => setFirst(target.value)}
            />
            <TextField
              label="The second"
              text="monitor"
              value={second}
              placeholder="B"
              onChange={({ target }) => setSecond(target.value)}
            />
          </div>
          <NumberField
            label="To agree within"
            measure={lengthMeasure(lengthUnit, 1)}
            value={toleranceM}
            example="5"
            onChange={setToleranceM}
          />
          <Form.Group controlId="pairs-typed">
            <Form.Label>
              Carries of the same shots, {lengthUnit}: the first, then the second, a line for each shot
            </Form.Label>
            <Form.Control
              as="textarea"
              rows={12}
              value={text}
              placeholder={'151.3 154.2\n148.1 150.4'}
              onChange={({ target }) => setText(target.value)}
            />
          </Form.Group>
          {left.length > 0 && (
            <p className="quiet mb-0">
              Without a pair:{' '}
              {left
                .slice(0, 5)
                .map(({ line, text: raw }) => `line ${line} (${raw.slice(0, 20)})`)
                .join(', ')}
              {left.length > 5 && ` and ${left.length - 5} more`}.
            </p>
          )}
        </section>
        {found && (
          <div className="d-grid gap-3">
            <AgreementFound golfer={golfer} found={found} pairs={both} toleranceM={within} />
            <section className="sheet" aria-label="Shot by shot" tabIndex={0}>
              <Table size="sm" className="num mb-0">
                <thead>
                  <tr>
                    <th scope="col">Line</th>
                    <th scope="col">{names.first}</th>
                    <th scope="col">{second.trim() || 'The second'}</th>
                    <th scope="col">Apart</th>
                  </tr>
                </thead>
                <tbody>
                  {pairs.map(({ line, pair: [a, b] }, i) => (
                    <tr key={line} className={kept[i] ? '' : 'quiet'}>
                      <th scope="row">{line}</th>
                      <td>{len(a, golfer, 1)}</td>
                      <td>{len(b, golfer, 1)}</td>
                      <td>
                        {len(a - b, golfer, 1)}
                        {!kept[i] && ', no measurement of one shot'}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </Table>
            </section>
          </div>
        )}
      </div>
    </div>
  )
}
