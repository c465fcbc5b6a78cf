'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import { lyingOn, type Wind } from '@/core/session/conditions'
import { isStockSurface, type Surface } from '@/core/model/surface'
import { measuresOf } from '../../shared/form/measure'
import { ChoiceField } from '../../shared/form/choice-field'
import { NumberField } from '../../shared/form/number-field'
import { notInStocks } from '@/text/lies'
import { SURFACE_NAME, WIND_NAME } from '@/text/names'
import { temperature } from '@/text/set-up'
import { CommandButton, type CommandActions } from './command-key'
import type { BayView } from '@/views/bay-view'
import type { BayActions } from './use-bay'
import { BallNow } from './ball-now'
import { BAY } from './screen'

type Props = {
  view: BayView
  bay: BayActions
  actions: CommandActions
}

/** What holds from the next shot on, each one tap: warming up, the wind; and a rest. */
export function BayNow({ view, bay, actions }: Props) {
  const { now, golfer } = view
  const [asking, setAsking] = useState(false)
  const windy = now.wind !== null
  const offNow = lyingOn(now, view.setUp)
  const also = [
    now.wind !== null && now.wind !== 'felt' && WIND_NAME[now.wind],
    now.tempC !== null && temperature(now.tempC, golfer),
    now.surface && SURFACE_NAME[now.surface],
  ].filter(Boolean)
  return (
    <section className="bay-now" aria-label="From the next shot on">
      <CommandButton id="warmUp" variant="outline" aria-pressed={now.warmUp} onClick={actions.warmUp}>
        {now.warmUp ? 'Warm-up off' : 'Warm-up'}
      </CommandButton>
      <CommandButton id="wind" variant="outline" aria-pressed={windy} onClick={actions.wind}>
        {windy ? 'Wind dropped' : 'Wind got up'}
      </CommandButton>
      <Button variant="outline" onClick={() => setAsking(true)}>
        {also.length > 0 ? also.join(', ') : 'Air and lie'}
      </Button>
      <BallNow view={view} bay={bay} />
      <CommandButton id="rest" variant="outline" onClick={actions.rest}>
        Rest
      </CommandButton>
      {golfer.stocksOff !== null && isStockSurface(offNow) && offNow !== golfer.stocksOff && (
        <p className="quiet mb-0">{notInStocks(offNow)}</p>
      )}
      {asking && (
        <AirAndLie
          view={view}
          onHide={() => setAsking(false)}
          onSay={(air) => {
            setAsking(false)
            void bay.air(air)
          }}
        />
      )}
    </section>
  )
}

/** One tap: the wind got up, or dropped; the rest stays as it is. */
export const turnedWind = ({ wind, tempC, surface }: BayView['now']): Parameters<BayActions['air']>[0] => ({
  wind: wind === null ? 'felt' : null,
  tempC,
  surface,
})

type AirProps = { view: BayView; onHide: () => void; onSay: (air: Parameters<BayActions['air']>[0]) => void }

function AirAndLie({ view, onHide, onSay }: AirProps) {
  const [wind, setWind] = useState<Wind | null>(view.now.wind)
  const [tempC, setTempC] = useState<number | null>(view.now.tempC)
  const [surface, setSurface] = useState<Surface | null>(view.now.surface)
  return (
    <Modal show onHide={onHide} animation={false} className={BAY} aria-labelledby="air-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="air-title">
          From the next shot on
        </Modal.Title>
      </Modal.Header>
      <Modal.Body className="set-up">
        <ChoiceField label="Wind" value={wind} none="calm" names={WIND_NAME} onChange={setWind} />
        <NumberField
          label="Temperature"
          measure={measuresOf(view.golfer).temp}
          value={tempC}
          onChange={setTempC}
        />
        <ChoiceField
          label="The ball lies on"
          value={surface}
          none="as before"
          names={SURFACE_NAME}
          onChange={setSurface}
        />
        <p className="quiet mb-0">
          Shots in wind and from the rough do not count where a club has calm ones.
        </p>
        <Button disabled={Number.isNaN(tempC)} onClick={() => onSay({ wind, tempC, surface })}>
          It is so now
        </Button>
      </Modal.Body>
    </Modal>
  )
}
