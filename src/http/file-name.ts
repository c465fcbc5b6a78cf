import type { Golfer } from '@/core/model/golfer'

/** How a file of a golfer's is called when it is saved. */
export function fileName(
  { name }: Pick<Golfer, 'name'>,
  what: string,
  how: 'attachment' | 'inline' = 'attachment',
): string {
  const plain = name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()
  return `${how}; filename*=UTF-8''${encodeURIComponent(`${plain}-${what}`)}`
}
