import type { Readable, Writable } from 'node:stream'
import { analyseBag } from '@/core/analyse-bag'
import { readBagInput } from '@/formats/bag-input'
import { answerLines } from './answer-lines'

/** Clubs, shots and rules in; stocks, steps and what to hit next out: a JSON document a line. */
export const analyse = (input: Readable, output: Writable, errors: Writable): Promise<number> =>
  answerLines(readBagInput, analyseBag, { input, output, errors })
