'use client'

import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form'
import { NumberField, type NumberLook } from './number-field'

/** A number of a form that is sent as a whole. */
export function NumberOf<Fields extends FieldValues>({
  control,
  name,
  ...look
}: NumberLook & { control: Control<Fields>; name: FieldPath<Fields> }) {
  const {
    field: { ref, value, onChange },
  } = useController({ control, name })
  return <NumberField field={name} {...look} ref={ref} value={value} onChange={onChange} />
}
