'use client'

import { useState, type FormEvent, type RefObject } from 'react'
import Button from 'react-bootstrap/Button'
import { readTypedShot, readTypedShots, type TypedShot, type TypedShotProblem } from '@/core/shots/typed-shot'
import type { LengthUnit } from '@/core/units'
import { count } from '@/text/numbers'
import { PAD } from './commands'

type Props = {
  unit: LengthUnit
  /** Typed shots that wait in this browser until Banco answers. */
  waiting: { shots: number; kept: boolean }
  input: RefObject<HTMLInputElement | null>
  onShots: (shots: TypedShot[]) => Promise<boolean>
  /** What the golfer expects is asked: takes it, or never asks again. Absent where it is not asked. */
  expectation?: { of: string; onSay: (carryM: number) => void; onNever: () => void } | undefined
  /** Where Banco asks whether the range is clear, Enter with nothing typed says that it is. */
  onClear: (() => void) | null
}

/** Where a carry is typed, by key or on the pad. */
export function ShotEntry({ unit, waiting, input, onShots, expectation, onClear }: Props) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')
  const add = async (event: FormEvent) => {
    event.preventDefault()
    if (text.trim() === '' && onClear) return onClear()
    const read = readTypedShots(text, unit)
    if (read.kind === 'problems') return setProblem(sentences(read.problems, unit))
    setProblem('')
    setText('')
    if (!(await onShots(read.shots))) setText(text)
  }
  const expect = () => {
    const read = readTypedShot(text, unit)
    if (read.kind !== 'shot') return setProblem(sentence(read, unit))
    setProblem('')
    setText('')
    expectation?.onSay(read.carryM)
    input.current?.focus({ preventScroll: true })
  }
  const number = /\d/.test(text)
  const press = (types: (text: string) => string) => {
    setProblem('')
    setText(types(text))
  }
  return (
    <form className="sheet entry" onSubmit={add} noValidate>
      {expectation && (
        <p className="expectation">
          <span>
            What do you expect of the {expectation.of}?<span className="key-hint"> Type it, then E.</span>
          </span>
          <Button size="sm" variant="outline" disabled={!number} onClick={expect}>
            I expect {number ? text : 'this'}
            <kbd>E</kbd>
          </Button>
          <Button size="sm" variant="outline" onClick={expectation.onNever}>
            Never ask
          </Button>
        </p>
      )}
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
          onKeyDown={(event) => {
            if (!expectation || !number || event.key.toLowerCase() !== 'e') return
            event.preventDefault()
            expect()
          }}
          onPaste={(event) => {
            // A field of one line would run the lines of a list together.
            event.preventDefault()
            setText(
              event.clipboardData
                .getData('text')
                .split(/[\r\n\t]/)
                .map((line) => line.trim())
                .filter(Boolean)
                .join('; '),
            )
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
        <Button variant="outline" className="of-pad" onClick={() => press((before) => `${before} t`)}>
          Total
        </Button>
        <Button type="submit" className="px-4" style={{ minHeight: 48 }}>
          Add
        </Button>
        <span className="quiet key-hint">
          <kbd>129 3l</kbd> is 3 left, <kbd>231 t250</kbd> a total of 250
        </span>
      </div>
      {waiting.shots > 0 && (
        <p className="waiting" role="status">
          <b>{count(waiting.shots, 'shot')} not sent yet</b>, saved in this browser until Banco answers.{' '}
          {waiting.kept
            ? 'Keep hitting.'
            : 'It keeps nothing for Banco (its storage is full or blocked): leave this page open until they are sent.'}
        </p>
      )}
      <p className="problem" role="alert" id="carry-problem">
        {problem}
      </p>
      <div className="pad" role="group" aria-label="Keys for a carry">
        {PAD.map(({ key, name, types }) => (
          <Button key={key} variant="outline" onClick={() => press(types)} aria-label={name}>
            {key}
          </Button>
        ))}
        <Button type="submit">Add</Button>
      </div>
    </form>
  )
}

const coarse = (): boolean => typeof window !== 'undefined' && matchMedia('(pointer: coarse)').matches

/** What is wrong with what was typed; of several carries each with its place. */
const sentences = (problems: { index: number; problem: TypedShotProblem }[], unit: LengthUnit): string =>
  problems.length === 1 && problems[0]?.index === 1
    ? sentence(problems[0].problem, unit)
    : problems
        .slice(0, 3)
        .map(({ index, problem }) => `Carry ${index}: ${sentence(problem, unit)}`)
        .join(' ') + ' None was taken.'

function sentence(problem: TypedShotProblem, unit: LengthUnit): string {
  switch (problem.kind) {
    case 'empty':
      return `Type how far the ball carried in ${unit}, such as 129, and then Enter.`
    case 'not-a-carry':
      return `"${problem.text}" is not a carry: type a number in ${unit}, and if you like how far left or right, such as 129 3l.`
    case 'implausible-carry':
      return `No golf shot that counts carries ${problem.carry} ${unit}: type a carry from ${problem.least} to ${problem.most}.`
    case 'implausible-total':
      return `A total of ${problem.total} ${unit} does not fit a carry of ${problem.carry}. Correct one of the two.`
    case 'implausible-offline':
      return `${problem.offline} ${unit} off line is more than the carry of ${problem.carry}: correct one of the two.`
  }
}
