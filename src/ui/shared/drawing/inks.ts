import type { Ink } from '@/draw/drawing'

/** The token of the theme behind each ink. */
export const INK_TOKEN: Record<Ink, string> = {
  ink: '--ink',
  quiet: '--ink-3',
  line: '--line',
  hair: '--hair',
  sheet: '--sheet',
  dye: '--dye',
  'dye-soft': '--dye-soft',
  'left-out': '--ink-3',
  good: '--even',
  'too-close': '--narrow',
  'too-wide': '--wide',
  reversed: '--flip',
  'same-distance': '--flip',
  left: '--open',
  open: '--open',
}

/** The colours of the theme that something stands in. */
export function readInks(element: Element): Record<Ink, string> {
  const style = getComputedStyle(element)
  return Object.fromEntries(
    Object.entries(INK_TOKEN).map(([ink, name]) => [ink, style.getPropertyValue(name).trim() || '#000']),
  ) as Record<Ink, string>
}
