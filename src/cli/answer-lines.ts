import { createInterface } from 'node:readline'
import type { Readable, Writable } from 'node:stream'
import type { Checked } from '@/formats/check'

/**
 * Answers each line of input with one line of output, in order. A bad line is answered in its place by
 * `{ "error": sentence }` and said on the error stream; the rest goes on.
 * @returns the exit code: 0, or 2 when a line was bad
 */
export async function answerLines<Input>(
  read: (line: string) => Checked<Input>,
  answer: (input: Input) => object,
  { input, output, errors }: { input: Readable; output: Writable; errors: Writable },
): Promise<number> {
  let code = 0
  let number = 0
  for await (const line of createInterface({ input, crlfDelay: Infinity })) {
    number++
    if (line.trim() === '') continue
    const checked = read(line)
    if (checked.ok) {
      output.write(`${JSON.stringify(answer(checked.value))}\n`)
      continue
    }
    code = 2
    const error = checked.problems.map((problem) => problem.sentence).join(' ')
    output.write(`${JSON.stringify({ error })}\n`)
    errors.write(`Line ${number}: ${error}\n`)
  }
  return code
}
