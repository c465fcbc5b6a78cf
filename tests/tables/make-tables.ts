import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

/** Writes the awkward tables of tests/tables/files: `npx tsx tests/tables/make-tables.ts`. */

/** The same six shots in every file, in yards and miles per hour: club, carry, ball speed, launch, spin, offline. */
const SHOTS: [string, number, number, number, number, number][] = [
  ['7 Iron', 150.2, 117.4, 17.8, 6480, -4.2],
  ['7 Iron', 148.6, 116.9, 18.2, 6615, 6.1],
  ['7 Iron', 151.9, 118.2, 17.1, 6390, 0.8],
  ['PW', 118.4, 98.6, 25.3, 8420, -1.5],
  ['PW', 119.1, 99.2, 24.8, 8305, 2.7],
  ['PW', 117.2, 97.9, 26.1, 8510, -3.3],
]
const HEAD = ['Club', 'Carry (yd)', 'Ball Speed (mph)', 'Launch Angle (deg)', 'Spin Rate (rpm)', 'Side (yd)']
const ROWS = SHOTS.map((shot) => shot.map(String))
const csv = (rows: string[][], delimiter = ',') => rows.map((row) => row.join(delimiter)).join('\n') + '\n'
const map = (change: (cell: string, column: number, row: number) => string) =>
  ROWS.map((row, r) => row.map((cell, c) => change(cell, c, r)))
const comma = (cell: string) => cell.replace('.', ',')
const metric = map((cell, c) => (c === 1 || c === 5 ? (Number(cell) * 0.9144).toFixed(2) : cell))
const utf16 = (text: string, bigEndian: boolean, mark: boolean) => {
  const little = Buffer.from((mark ? '\uFEFF' : '') + text, 'utf16le')
  return bigEndian ? little.swap16() : little
}

const FILES: Record<string, string | Buffer> = {
  'plain.csv': csv([HEAD, ...ROWS]),
  'semicolons-decimal-comma.csv': csv([HEAD, ...map(comma)], ';'),
  'tabs.tsv': csv([HEAD, ...ROWS], '\t'),
  'pipes.txt': csv([HEAD, ...ROWS], '|'),
  'quoted-decimal-comma.csv': csv([HEAD, ...map((cell) => `"${comma(cell)}"`)]),
  'utf8-mark.csv': '\uFEFF' + csv([HEAD, ...ROWS]),
  'utf16-little-mark.csv': utf16(csv([HEAD, ...ROWS]), false, true),
  'utf16-big-mark.csv': utf16(csv([HEAD, ...ROWS]), true, true),
  'utf16-little-no-mark.csv': utf16(csv([HEAD, ...ROWS]), false, false),
  'windows-1252.csv': Buffer.from(
    csv(
      [
        [
          'Schläger',
          'Carry (m)',
          'Ballgeschwindigkeit (km/h)',
          'Abflugwinkel (°)',
          'Spin (U/min)',
          'Seitliche Abweichung (m)',
        ],
        ...metric.map((row, r) => [
          row[0]!,
          comma(row[1]!),
          comma((SHOTS[r]![2] * 1.609344).toFixed(2)),
          comma(row[3]!),
          row[4]!,
          comma(row[5]!),
        ]),
      ],
      ';',
    ),
    'latin1',
  ),
  'titles-above.csv': csv([
    ['My practice', '', '', '', '', ''],
    ['Exported by me', 'Net loft', '', '', '', ''],
    [],
    HEAD,
    ...ROWS,
  ]),
  'units-row.csv': csv([
    ['Club', 'Carry', 'Ball Speed', 'Launch Angle', 'Spin Rate', 'Side'],
    ['', '[yds]', '[mph]', '[deg]', '[rpm]', '[yds]'],
    ...ROWS,
  ]),
  'units-in-cells.csv': csv([
    ['Club', 'Carry', 'Ball Speed', 'Launch Angle', 'Spin Rate', 'Side'],
    ...map((cell, c) => cell + ['', ' yd', ' mph', '°', ' rpm', ' yd'][c]!),
  ]),
  'metres-and-metres-a-second.csv': csv([
    ['Club', 'Carry [m]', 'Ball Speed [m/s]', 'Launch', 'Spin', 'Offline [m]'],
    ...metric.map((row, r) => [
      row[0]!,
      row[1]!,
      (SHOTS[r]![2] * 0.44704).toFixed(3),
      row[3]!,
      row[4]!,
      row[5]!,
    ]),
  ]),
  'units-by-size.csv': csv([
    ['Club', 'Carry', 'Ball Speed', 'Launch', 'Spin', 'Side'],
    ...map((cell, c, r) => (c === 2 ? (SHOTS[r]![2] * 0.44704).toFixed(3) : cell)),
  ]),
  'blank-lines.csv': csv([HEAD, [], ...ROWS.flatMap((row) => [row, []]), [], []]),
  'summary-rows.csv': csv([
    HEAD,
    ...ROWS.slice(0, 3),
    ['Average', '150.2', '117.5', '17.7', '6495', '0.9'],
    ['Std. Dev.', '1.7', '0.7', '0.6', '113', '5.2'],
    ...ROWS.slice(3),
    ['Average', '118.2', '98.6', '25.4', '8412', '-0.7'],
    ['Std. Dev.', '1.0', '0.7', '0.7', '103', '3.1'],
  ]),
  'header-per-club.csv': csv([
    ['7 Iron'],
    HEAD.slice(1),
    ...ROWS.slice(0, 3).map((row) => row.slice(1)),
    [],
    ['PW'],
    HEAD.slice(1),
    ...ROWS.slice(3).map((row) => row.slice(1)),
  ]),
  'sides-after.csv': csv([
    HEAD,
    ...map((cell, c) => (c === 5 ? `${Math.abs(Number(cell))} ${Number(cell) < 0 ? 'L' : 'R'}` : cell)),
  ]),
  'sides-before.csv': csv([
    HEAD,
    ...map((cell, c) => (c === 5 ? `${Number(cell) < 0 ? 'L' : 'R'}${Math.abs(Number(cell))}` : cell)),
  ]),
  'sides-in-words.csv': csv([
    HEAD,
    ...map((cell, c) =>
      c === 5 ? `${Math.abs(Number(cell))} ${Number(cell) < 0 ? 'left' : 'right'}` : cell,
    ),
  ]),
  'true-minus.csv': csv([HEAD, ...map((cell) => cell.replace('-', '−'))]),
  'thousands-comma.csv': csv([
    HEAD,
    ...map((cell, c) => (c === 4 ? `"${Number(cell).toLocaleString('en-US')}"` : cell)),
  ]),
  'thousands-point.csv': csv(
    [HEAD, ...map((cell, c) => (c === 4 ? Number(cell).toLocaleString('de-DE') : comma(cell)))],
    ';',
  ),
  'thousands-space.csv': csv(
    [HEAD, ...map((cell, c) => (c === 4 ? `${cell.slice(0, -3)}\u202f${cell.slice(-3)}` : comma(cell)))],
    ';',
  ),
  'other-order-more-columns.csv': csv([
    [
      'Shot',
      'Smash Factor',
      'Side (yd)',
      'Spin Axis (deg)',
      'Spin Rate (rpm)',
      'Launch Angle (deg)',
      'Launch Direction (deg)',
      'Ball Speed (mph)',
      'Carry (yd)',
      'Total (yd)',
      'Club',
    ],
    ...ROWS.map(([club, carry, ball, launch, spin, side], i) => [
      `${i + 1}`,
      '1.35',
      side!,
      '-2.1',
      spin!,
      launch!,
      '0.4',
      ball!,
      carry!,
      (Number(carry) + 6).toFixed(1),
      club!,
    ]),
  ]),
  'windows-line-ends.csv': csv([HEAD, ...ROWS]).replaceAll('\n', '\r\n'),
  'old-line-ends.csv': csv([HEAD, ...ROWS]).replaceAll('\n', '\r'),
  'sep-hint.csv': 'sep=;\n' + csv([HEAD, ...map(comma)], ';'),
  'nothing-measured.csv': csv([HEAD, ...ROWS, ['PW', '--', 'n/a', '', '-', '']]),
  'implausible.csv': csv([
    HEAD,
    ...ROWS,
    ['7 Iron', '1502', '117.4', '17.8', '6480', '0'],
    ['7 Iron', 'x', '117.4', '17.8', '6480', '0'],
  ]),
  'repeated-rows.csv': csv([HEAD, ...ROWS, ROWS[5]!, ROWS[0]!]),
  'no-header.csv': csv(ROWS.map((row) => row.slice(0, 2))),
  'dates-and-clocks.csv': csv([
    ['Date', 'Time', ...HEAD],
    ...ROWS.map((row, r) => ['13.04.2026', `09:3${r}:00`, ...row]),
  ]),
  'camel-case.csv': csv([
    ['clubType', 'carryYards', 'ballSpeedMph', 'launchAngle', 'spinRate', 'carrySide'],
    ...ROWS,
  ]),
  'swings.csv': csv([
    [...HEAD.slice(0, 1), 'Swing', ...HEAD.slice(1)],
    ...ROWS.map((row, r) => [row[0]!, ['Full', '3/4', 'Half'][r % 3]!, ...row.slice(1)]),
  ]),
  'swings-beside-clubs.csv': csv([
    HEAD,
    ...ROWS.map((row, r) => [row[0] + ['', ' 3/4', ' (half)'][r % 3]!, ...row.slice(1)]),
  ]),
  'five-at-once-a.csv':
    '\uFEFF' +
    csv(
      [
        ['Export', '', '', '', '', ''],
        [],
        ['Club', 'Carry', 'Ball Speed', 'Launch Angle', 'Spin Rate', 'Side'],
        ['', 'yds', 'mph', 'deg', 'rpm', 'yds'],
        ...map((cell, c) =>
          c === 4
            ? Number(cell).toLocaleString('de-DE')
            : c === 5
              ? `${comma(String(Math.abs(Number(cell))))} ${Number(cell) < 0 ? 'L' : 'R'}`
              : comma(cell),
        ),
        ['Average', '134,2', '108,0', '21,6', '7.453', '0,1 R'],
      ],
      ';',
    ),
  'five-at-once-b.txt': utf16(
    csv(
      [
        ['7 Iron'],
        HEAD.slice(1),
        ...map((cell, c) =>
          c === 5 ? `${Number(cell) < 0 ? 'L' : 'R'} ${comma(String(Math.abs(Number(cell))))}` : comma(cell),
        )
          .slice(0, 3)
          .map((row) => row.slice(1)),
        [],
        ['PW'],
        HEAD.slice(1),
        ...map((cell, c) =>
          c === 5 ? `${Number(cell) < 0 ? 'L' : 'R'} ${comma(String(Math.abs(Number(cell))))}` : comma(cell),
        )
          .slice(3)
          .map((row) => row.slice(1)),
        ['Durchschnitt', '', '', '', ''],
      ],
      '\t',
    ).replaceAll('\n', '\r\n'),
    false,
    true,
  ),
  'five-at-once-c.csv': Buffer.from(
    csv(
      [
        ['Übung, Netz'],
        [],
        [
          'Nr',
          'Schläger',
          'Länge Total [m]',
          'Carry [m]',
          'Ballgeschwindigkeit [m/s]',
          'Abflugwinkel',
          'Spinrate',
          'Seite [m]',
        ],
        ...metric.map((row, r) => [
          String(r + 1),
          row[0]!,
          '',
          comma(row[1]!),
          comma((SHOTS[r]![2] * 0.44704).toFixed(3)),
          comma(row[3]!),
          Number(row[4]).toLocaleString('de-DE'),
          comma(row[5]!).replace('-', '-'),
        ]),
        ['', 'Mittelwert', '', '122,7', '48,3', '21,6', '7.453', '0,1'],
        ['1', '', '', '', '', '', '', ''],
      ],
      ';',
    ),
    'latin1',
  ),
  // What is no table of shots.
  'empty.csv': '',
  'blank.csv': '\n\n  \n',
  'web-page.csv': '<!DOCTYPE html><html><body><table><tr><td>Carry</td></tr></table></body></html>',
  'json.csv': '{ "shots": [] }',
  'sheet.xlsx': Buffer.from('504b030414000600080000002100', 'hex'),
  'picture.csv': Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex'),
  'random-bytes.csv': Buffer.from(Array.from({ length: 512 }, (_, i) => (i * 73 + 11) % 256)),
  'prose.txt':
    'Dear coach,\nI hit my seven iron about 150 yards today, and it felt good.\nSee you on Friday.\n',
  'no-carry.csv': csv([
    ['Club', 'Ball Speed (mph)'],
    ['7 Iron', '117.4'],
  ]),
}

const folder = join(import.meta.dirname, 'files')
mkdirSync(folder, { recursive: true })
for (const [name, contents] of Object.entries(FILES)) writeFileSync(join(folder, name), contents)
console.log(`${Object.keys(FILES).length} tables in ${folder}`)
