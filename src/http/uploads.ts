import { randomUUID } from 'node:crypto'
import {
  createReadStream,
  createWriteStream,
  existsSync,
  mkdirSync,
  readdirSync,
  rmSync,
  statSync,
} from 'node:fs'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { ReadableStream as NodeStream } from 'node:stream/web'
import { dataFolder, databasePath } from '@/store/data-folder'
import { refuse } from './route'

const HOUR_MS = 3_600_000

/** Where files lie that pass through: what is sent until it is taken in, what is made until it is fetched. */
const uploadsRoot = (): string => join(dataFolder(), 'passing')

function uploadFolder(): string {
  databasePath(dataFolder())
  const folder = uploadsRoot()
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  return folder
}

/** Forgets what passed through an earlier server. */
export const removeUploads = (): void => rmSync(uploadsRoot(), { recursive: true, force: true })

/** A path for a file that is not there yet. */
export const uploadPath = (id: string = randomUUID()): string => join(uploadFolder(), id)

export const forget = (path: string): void => rmSync(path, { force: true })

/**
 * Writes a request's body to a file, no more of it in memory than a piece.
 * @param tooLarge said where it is larger than `most` bytes
 * @returns its name here and how large it is
 */
export async function keepBody(
  request: Request,
  most: number,
  tooLarge: string,
): Promise<{ id: string; path: string; bytes: number }> {
  if (Number(request.headers.get('content-length') ?? 0) > most) refuse(413, 'file', tooLarge)
  for (const name of readdirSync(uploadFolder()))
    if (statSync(uploadPath(name)).mtimeMs < Date.now() - HOUR_MS) forget(uploadPath(name))
  const id = randomUUID()
  const path = uploadPath(id)
  try {
    const body = (request.body ?? new Blob([]).stream()) as NodeStream
    let bytes = 0
    await pipeline(
      Readable.fromWeb(body),
      async function* (pieces: AsyncIterable<Uint8Array>) {
        for await (const piece of pieces) {
          bytes += piece.byteLength
          // One that did not say its length is cut while it comes.
          if (bytes > most) refuse(413, 'file', tooLarge)
          yield piece
        }
      },
      createWriteStream(path, { mode: 0o600 }),
    )
    return { id, path, bytes }
  } catch (error) {
    forget(path)
    throw error
  }
}

/** The path of a file that was sent before. */
export const sentFile = (id: string): string =>
  /^[0-9a-f-]{36}$/.test(id) && existsSync(uploadPath(id))
    ? uploadPath(id)
    : refuse(409, 'file', 'This file is not here any more: choose it again.')

/** A file as an answer, forgotten once it is fetched. */
export function fileResponse(path: string, headers: Record<string, string>): Response {
  const stream = createReadStream(path)
  stream.on('close', () => forget(path))
  return new Response(Readable.toWeb(stream) as ReadableStream, {
    headers: { ...headers, 'Content-Length': String(statSync(path).size) },
  })
}
