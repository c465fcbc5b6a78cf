import { createInterface } from 'node:readline'
import type { Readable, Writable } from 'node:stream'
import type { Checked } from '@/formats/check'

export type LineCommand = {
  usage: string
  /** @returns the exit code: 0, or 2 when a line was bad */
  run: (streams: { input: Readable; output: Writable; errors: Writable }) => Promise<number>
}

/**
 * A command that answers each line of input with one line of output, in order. The answer to a bad line is
 * `{ "error": sentence }`, with the sentence on the error stream as well; the other lines are answered all the same.
 */
export const lineCommand = <Input>(
  usage: string,
  read: (line: string) => Checked<Input>,
  compute: (input: Input) => object,
): LineCommand => ({
  usage,
  run: async ({ input, output, errors }) => {
    let code = 0
    let number = 0
    for await (const line of createInterface({ input, crlfDelay: Infinity })) {
      number++
      if (line.trim() === '') continue
      const checked = read(line)
      if (checked.ok) {
        output.write(`${JSON.stringify(compute(checked.value))}\n`)
        continue
      }
      code = 2
      const error = checked.problems.map((problem) => problem.sentence).join(' ')
      output.write(`${JSON.stringify({ error })}\n`)
      errors.write(`Line ${number}: ${error}\n`)
    }
    return code
  },
})
