import { TEED_SWING, type Swing } from '@/core/model/station'

const CLUB_WORD =
  /^(driver|dr|d|putter|pt|[1-9][0-9]?[ -]?(iron|i|wood|w|hybrid|h|hy|er)?|(iron|wood|hybrid|eisen|holz|fer|bois|hierro|madera)[ -]?\d{1,2}|\d{1,2}[ -]?(er[ -]?)?(eisen|holz|fer|bois|hierro|madera)|[pgsal][ -]?w(edge)?|(pitching|gap|sand|lob|approach|attack)[ -]?wedge|[4-6]\d([.,]5)?( ?(°|deg|degrees?|wedge))+|wedge[ -]?\d\d)$/i

/** Whether a cell is most likely the name of a club. A bare number is none. */
export const looksLikeClub = (cell: string): boolean => {
  const { label } = clubCell(cell)
  return !/^\d+$/.test(label) && CLUB_WORD.test(label)
}

const SWINGS: [Swing, RegExp][] = [
  [
    'three-quarter',
    /(?:^|[\s,(/-])(3\/4|¾|three[- ]?quarters?|75 ?%)\)?(?:[- ]?(?:swing|schwung))?(?=$|[\s)])/i,
  ],
  ['half', /(?:^|[\s,(/-])(1\/2|½|half|halb|50 ?%)\)?(?:[- ]?(?:swing|schwung))?(?=$|[\s)])/i],
  [TEED_SWING, /(?:^|[\s,(/-])(?:(?:off|from)(?: the| a)? )?tee(?:d(?: up)?)?\)?(?=$|[\s)])/i],
  ['full', /(?:^|[\s,(/-])(full|voll|100 ?%)\)?(?:[- ]?(?:swing|schwung))?(?=$|[\s)])/i],
]

/** The swing that words name; null where they name none. */
export function swingOf(words: string): Swing | null {
  return SWINGS.find(([, pattern]) => pattern.test(words))?.[0] ?? null
}

/** A club as a table names it, with the swing that stands beside it: "PW 3/4", "54° (half)". */
export function clubCell(cell: string): { label: string; swing: Swing | null } {
  const text = cell.replace(/^(club|schläger)\s*[:=]\s*/i, '').trim()
  const swing = swingOf(text)
  const label = swing
    ? withoutLooseEnd(
        SWINGS.reduce((rest, [, pattern]) => rest.replace(pattern, ' '), text).replace(/\s+/g, ' '),
      )
    : text
  return { label: label || text, swing }
}

/** A name without what is left of brackets and commas behind it. */
function withoutLooseEnd(text: string): string {
  let end = text.length
  while (end > 0 && ' ,(/-'.includes(text[end - 1] as string)) end--
  return text.slice(0, end).trim()
}
