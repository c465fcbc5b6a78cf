'use client'

import type { Golfer } from '@/core/model/golfer'
import type { AirMissing, AirInput } from '@/core/session/session-air'
import { CARRY_FROM_NAME, WIND_NAME } from '@/text/names'
import { ChoiceField } from '../form/choice-field'
import { NumberField } from '../form/number-field'
import { measuresOf } from '../form/measure'

type Props = {
  golfer: Golfer
  outdoors: boolean
  /** What each session that is spoken of lacks. */
  missing: readonly (readonly AirMissing[])[]
  input: AirInput
  onChange: (part: Partial<AirInput>) => void
}

/** The fields of an air that sessions lack, and no others. */
export function AirFields({ golfer, outdoors, missing, input, onChange }: Props) {
  const { temp, wind, height } = measuresOf(golfer)
  const open = missing.filter((each) => each.includes('carry-from'))
  const lacks = (what: AirMissing) =>
    missing.some((each) => !each.includes('carry-from') && each.includes(what))
  const computes = lacks('device-air') || (open.length > 0 && input.carryFrom === 'computed')
  const measures = open.length > 0 && input.carryFrom !== 'computed'
  return (
    <div className="fields">
      {open.length > 0 && (
        <ChoiceField
          label="Carries are"
          value={input.carryFrom}
          none="not set"
          names={CARRY_FROM_NAME}
          onChange={(carryFrom) => onChange({ carryFrom })}
        />
      )}
      {computes && (
        <NumberField
          label="The device’s own air"
          measure={temp}
          value={input.deviceTempC}
          hint="the temperature in its settings"
          onChange={(deviceTempC) => onChange({ deviceTempC })}
        />
      )}
      {(measures || lacks('temperature')) && (
        <NumberField
          label="Temperature"
          measure={temp}
          value={input.tempC}
          onChange={(tempC) => onChange({ tempC })}
        />
      )}
      {(measures || computes || lacks('pressure')) && (
        <NumberField
          label="Altitude"
          measure={height}
          value={input.altitudeM}
          {...(computes && !measures && { hint: 'that of its settings' })}
          onChange={(altitudeM) => onChange({ altitudeM })}
        />
      )}
      {outdoors && (measures || lacks('wind')) && (
        <>
          <NumberField
            label="Wind"
            measure={wind}
            value={input.windMps}
            hint="0 is calm"
            onChange={(windMps) => onChange({ windMps })}
          />
          {input.windMps !== null && input.windMps !== 0 && (
            <ChoiceField
              label="It blew"
              value={input.wind}
              none="not set"
              names={WIND_NAME}
              onChange={(blew) => onChange({ wind: blew })}
            />
          )}
        </>
      )}
    </div>
  )
}
