import type { Problem } from '@/core/model/problem'

export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252'
type Decoded = { ok: true; encoding: Encoding; text: string } | { ok: false; problems: Problem[] }

/** How files begin that are no text, and what to do with them. */
const NO_TEXT: [string, string][] = [
  ['PK\x03\x04', 'This is a spreadsheet’s own file, or a zip: save its sheet as CSV and bring that in.'],
  ['\xd0\xcf\x11\xe0', 'This is a spreadsheet’s own file: save its sheet as CSV and bring that in.'],
  ['%PDF', 'This is a PDF, a picture of a table: ask for the numbers as CSV.'],
  ['\x89PNG', 'This is a picture: bring in the numbers as CSV.'],
  ['\xff\xd8\xff', 'This is a picture: bring in the numbers as CSV.'],
  ['GIF8', 'This is a picture: bring in the numbers as CSV.'],
  ['SQLite format 3', 'This is a database: a backup of Banco is restored, not brought in.'],
]
const DECODE_SAMPLE_BYTES = 4096

/** The text of a file's bytes: UTF-8 and UTF-16 with and without a mark, else Windows-1252. */
export function decodeText(bytes: Uint8Array): Decoded {
  if (bytes.length === 0)
    return refused('The file is empty: choose one with a header row and a row for each shot.')
  const start = String.fromCharCode(...bytes.subarray(0, 16))
  const known = NO_TEXT.find(([begins]) => start.startsWith(begins))
  if (known) return refused(known[1])
  const encoding = encodingOf(bytes)
  if (!encoding) return refused('This file is no text: choose a table of shots, such as CSV.')
  const text = new TextDecoder(encoding).decode(bytes)
  return text.trim() === ''
    ? refused('There is nothing in this file: choose one with a header row and a row for each shot.')
    : { ok: true, encoding, text }
}

function encodingOf(bytes: Uint8Array): Encoding | null {
  const [a, b, c] = bytes
  if (a === 0xef && b === 0xbb && c === 0xbf) return 'utf-8'
  if (a === 0xff && b === 0xfe) return 'utf-16le'
  if (a === 0xfe && b === 0xff) return 'utf-16be'
  const look = bytes.subarray(0, DECODE_SAMPLE_BYTES)
  let [good, odd, controls] = [0, 0, 0]
  for (let i = 0; i < look.length; i++) {
    const byte = look[i] as number
    if (byte === 0) {
      if (i % 2 === 0) good++
      else odd++
    } else if (byte < 32 && byte !== 9 && byte !== 10 && byte !== 13) controls++
  }
  const half = look.length / 2
  if (odd > 0.6 * half && good < 0.1 * half) return 'utf-16le'
  if (good > 0.6 * half && odd < 0.1 * half) return 'utf-16be'
  if (good + odd > 0 || controls > 0.02 * look.length) return null
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return 'utf-8'
  } catch {
    return 'windows-1252'
  }
}

const refused = (sentence: string): Decoded => ({ ok: false, problems: [{ field: '', sentence }] })
