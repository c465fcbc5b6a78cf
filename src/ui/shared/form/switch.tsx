'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'

type Props = {
  id: string
  label: string
  checked: boolean
  disabled?: boolean
  /** Says whether it was taken: else the switch goes back. */
  onChange: (on: boolean) => Promise<boolean>
}

/** A switch that is over at once, and back where it was if Banco says no. */
export function Switch({ id, label, checked, disabled, onChange }: Props) {
  const [turned, setTurned] = useState<{ from: boolean } | null>(null)
  // What was turned stands until the page says so itself.
  const shown = turned?.from === checked ? !checked : checked
  return (
    <Form.Check
      type="switch"
      id={id}
      label={label}
      checked={shown}
      disabled={disabled ?? false}
      onChange={async ({ target }) => {
        setTurned({ from: checked })
        if (!(await onChange(target.checked))) setTurned(null)
      }}
    />
  )
}
