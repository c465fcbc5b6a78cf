'use client'

import { useId, type ComponentProps, type ElementType, type Ref } from 'react'
import Form from 'react-bootstrap/Form'
import { MAX_LENGTH } from '@/core/model/limits'
import type { Problem } from '@/core/model/problem'
import { Problems } from '../shell/problems'

type Props = Omit<ComponentProps<'input'>, 'size' | 'maxLength' | 'id' | 'value'> & {
  value?: string
  label: string
  /** What the text is: it limits its length. */
  text: keyof typeof MAX_LENGTH
  /** The label is only read out: what is around the field tells what it is. */
  labelled?: 'unseen'
  size?: 'sm'
  /** More than one line. */
  rows?: number
  suggestions?: readonly string[]
  /** All problems of the form, and the name under which those of this field come. */
  problems?: Problem[]
  field?: string
  ref?: Ref<HTMLInputElement>
}

/** A text with its label, its longest length and what is wrong with it. */
export function TextField({
  label,
  text,
  labelled,
  rows,
  suggestions,
  problems,
  field,
  className,
  ref,
  ...input
}: Props) {
  const id = useId()
  const as: ElementType = rows === undefined ? 'input' : 'textarea'
  return (
    <div className={className}>
      <Form.Label htmlFor={id} {...(labelled === 'unseen' && { visuallyHidden: true })}>
        {label}
      </Form.Label>
      <Form.Control
        id={id}
        {...input}
        {...(ref && { ref })}
        as={as}
        {...(rows !== undefined && { rows })}
        {...(suggestions && { list: `${id}-list` })}
        maxLength={MAX_LENGTH[text]}
        aria-describedby={problems && `${id}-problem`}
      />
      {suggestions && (
        <datalist id={`${id}-list`}>
          {suggestions.map((each) => (
            <option key={each} value={each} />
          ))}
        </datalist>
      )}
      {problems && <Problems of={problems} {...(field !== undefined && { field })} id={`${id}-problem`} />}
    </div>
  )
}
