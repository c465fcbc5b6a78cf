'use client'

import { useState, type FormEvent, type RefObject } from 'react'
import Button from 'react-bootstrap/Button'
import { readTypedShot, type TypedShot, type TypedShotProblem } from '@/core/shots/typed-shot'
import type { LengthUnit } from '@/core/units'
import { count } from '../words/numbers'

const PAD = ['1', '2', '3', 'L', '4', '5', '6', 'R', '7', '8', '9', '⌫', '.', '0', '␣'] as const
const PAD_NAME: Record<string, string> = {
  L: 'left',
  R: 'right',
  '⌫': 'delete the last character',
  '␣': 'space',
  '.': 'point',
}

type Props = {
  unit: LengthUnit
  live: boolean
  /** Typed shots that wait in this browser until Banco answers. */
  waiting: number
  input: RefObject<HTMLInputElement | null>
  onShot: (shot: TypedShot) => Promise<boolean>
}

/** Where a carry is typed, by key or on the pad. */
export function ShotEntry({ unit, live, waiting, input, onShot }: Props) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const add = async (event: FormEvent) => {
    event.preventDefault()
    const read = readTypedShot(text, unit)
    if (read.kind !== 'shot') return setProblem(sentence(read, unit))
    setProblem('')
    setText('')
    if (!(await onShot(read))) setText(text)
  }
  const press = (key: string) => {
    setProblem('')
    setText(key === '⌫' ? text.slice(0, -1) : key === '␣' ? `${text} ` : text + key.toLowerCase())
  }
  return (
    <form className="sheet entry" onSubmit={add} noValidate>
      <div className="line">
        <label htmlFor="carry" className="key-hint fw-semibold">
          Type a carry
        </label>
        <input
          id="carry"
          ref={input}
          className="form-control"
          value={text}
          onChange={(event) => {
            setText(event.target.value)
            setProblem('')
          }}
          autoComplete="off"
          autoFocus
          inputMode={coarse() ? 'none' : 'text'}
          placeholder={unit}
          aria-label={`Carry in ${unit}`}
          aria-describedby="carry-problem"
          aria-invalid={problem !== ''}
        />
        <Button type="submit" className="px-4" style={{ minHeight: 48 }}>
          Add
        </Button>
        <span className="quiet key-hint">
          <kbd>129 3l</kbd> is 3 left
        </span>
        <span className="ms-auto quiet" role="status">
          Monitor:{' '}
          <b style={{ color: live ? 'var(--even)' : 'var(--wide)' }}>
            {live ? 'listening' : 'not connected'}
          </b>
        </span>
      </div>
      {waiting > 0 && (
        <p className="waiting" role="status">
          <b>{count(waiting, 'shot waits', 'shots wait')} in this browser</b> until Banco answers. Go on
          hitting: nothing is lost.
        </p>
      )}
      <p className="problem" role="alert" id="carry-problem">
        {problem}
      </p>
      <div className="pad" role="group" aria-label="Keys for a carry">
        {PAD.map((key) => (
          <Button key={key} variant="outline" onClick={() => press(key)} aria-label={PAD_NAME[key] ?? key}>
            {key}
          </Button>
        ))}
        <Button type="submit">Add</Button>
      </div>
    </form>
  )
}

const coarse = (): boolean => typeof window !== 'undefined' && matchMedia('(pointer: coarse)').matches

function sentence(problem: TypedShotProblem, unit: LengthUnit): string {
  switch (problem.kind) {
    case 'empty':
      return `Type how far the ball carried in ${unit}, such as 129, and then Enter.`
    case 'not-a-carry':
      return `"${problem.text}" is not a carry: type a number in ${unit}, and if you like how far left or right, such as 129 3l.`
    case 'implausible-carry':
      return `No golf shot that counts carries ${problem.carry} ${unit}: type a carry from ${problem.least} to ${problem.most}.`
    case 'implausible-offline':
      return `${problem.offline} ${unit} off line is more than the carry of ${problem.carry}: correct one of the two.`
  }
}
