import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { makeDemoIn } from '../../demo/make-demo-in'

const folder = mkdtempSync(join(tmpdir(), 'banco-cli-'))
const data = join(folder, 'data')
/** Runs the command as a script would. */
function banco(...args: string[]) {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['scripts/banco.mjs', ...args], {
    env: { ...process.env, BANCO_DATA: data },
    encoding: 'utf8',
  })
  return { status, stdout, stderr }
}
const TILDA = ['--golfer', 'tilda brandvoll']

it('previews a table as one JSON document and saves nothing', () => {
  const { status, stdout } = banco('import', '--preview', 'tests/tables/files/five-at-once-a.csv')
  expect(status).toBe(0)
  const { encoding, delimiter, columns, rows } = JSON.parse(stdout) as Record<string, unknown[]>
  expect([encoding, delimiter]).toEqual(['utf-8', ';'])
  expect(columns![1]).toEqual({ title: 'Carry', field: 'carryM', unit: 'yd' })
  expect(rows![4]).toMatchObject({
    row: 5,
    status: 'taken',
    clubLabel: '7 Iron',
    shot: { swing: 'full', spinRpm: 6480 },
  })
  expect(rows![10]).toEqual({ row: 11, status: 'skipped', because: 'summary' })
})

it('says in a sentence what is wrong, and ends with 2', () => {
  const wrong = (...args: string[]) => {
    const { status, stderr } = banco(...args)
    return [status, stderr.trim().split('\n')[0]]
  }
  expect(wrong('import', '--preview', 'tests/tables/files/prose.txt')).toEqual([
    2,
    'No column holds carries: say which one does, or choose a table with a row for each shot.',
  ])
  expect(wrong('import', '--preview', 'none.csv')[1]).toContain('none.csv cannot be read')
  expect(wrong('export')[1]).toContain('Say whose with --golfer NAME')
  expect(wrong('export', '--golfer', 'Tilda')[1]).toContain(
    'No golfer is named "Tilda". Type the whole name.',
  )
  expect(wrong('report', join(folder, 'x.pdf'), '--kind', 'poster')[1]).toContain('--kind must be one of')
  expect(wrong('fly-to-the-moon')[0]).toBe(2)
  expect(banco('restore', '--help').stdout).toContain('takes the place of all data')
})

it('exports, backs up, restores and exports the same, and prints papers', () => {
  makeDemoIn(data)
  const document = banco('export', ...TILDA).stdout
  expect(document).toContain('Tilda Brandvoll')
  const backup = join(folder, 'backup.db')
  expect(banco('backup', backup).stdout).toContain('3 golfers')
  const golferFile = join(folder, 'tilda.json')
  expect(banco('export', ...TILDA, '--to', golferFile).status).toBe(0)
  expect(readFileSync(golferFile, 'utf8')).toBe(document)
  expect(banco('restore', golferFile).stderr).toContain('Tilda Brandvoll is here already')
  const brought = banco('import', 'tests/tables/files/plain.csv', ...TILDA)
  expect(brought.stdout).toContain('plain.csv: 6 taken, 0 held')
  expect(banco('export', ...TILDA).stdout).not.toBe(document)
  expect(banco('restore', backup).stdout).toContain('What was there is kept in')
  expect(banco('export', ...TILDA).stdout).toBe(document)
  expect(banco('export', ...TILDA, '--what', 'gaps').stdout).toMatch(/^longer club,shorter club,gap \(yd\)/)
  const report = join(folder, 'report.pdf')
  expect(banco('report', report, ...TILDA).status).toBe(0)
  expect(readFileSync(report).subarray(0, 5).toString()).toBe('%PDF-')
})

it('flies and restates line by line, in the reference air where nothing is said', () => {
  const lines = (command: string, ...inputs: object[]) => {
    const { status, stdout } = spawnSync(process.execPath, ['scripts/banco.mjs', command], {
      input: inputs.map((each) => JSON.stringify(each)).join('\n'),
      encoding: 'utf8',
    })
    return {
      status,
      responses: stdout
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line) as Record<string, number | string>),
    }
  }
  const six = { ballSpeedMps: 53, launchDeg: 17, spinRpm: 6600 }
  const flown = lines(
    'fly',
    six,
    { ...six, air: { tempC: 5 } },
    { launchDeg: 12 },
    { ...six, landingHeightM: 90 },
    { ballSpeedMps: 34, launchDeg: 40, spinRpm: 11800, turf: 'soft' },
  )
  expect(flown.status).toBe(2)
  // A reference implementation apart from Banco: 162.1 yd.
  expect(Math.abs((flown.responses[0]!.carryM as number) - 162.1 * 0.9144)).toBeLessThan(0.05)
  expect(flown.responses[1]!.carryM).toBeLessThan(flown.responses[0]!.carryM as number)
  expect(flown.responses[0]!.totalM).toBeCloseTo(
    (flown.responses[0]!.carryM as number) + (flown.responses[0]!.runM as number),
    9,
  )
  expect(flown.responses[2]!.error).toContain('"ballSpeedMps" is missing')
  expect(flown.responses[3]!.error).toContain('does not come down')
  // No ball comes back further than a yard or 2.5% of its carry, here as on the screens.
  const lofted = flown.responses[4] as { carryM: number; runM: number }
  expect(lofted.runM).toBeGreaterThanOrEqual(-Math.max(0.9144, 0.025 * lofted.carryM))
  const launch = { ballSpeedMps: 65.4, launchDeg: 12, spinRpm: 2783 }
  const restated = lines(
    'restate',
    { carryM: 235 * 0.9144, launch, from: { tempC: 0 }, to: { tempC: 30 } },
    { carryM: 100, launch, club: { loftDeg: 32 } },
    { carryM: 100, club: { loftDeg: 32 }, windKnown: false },
  )
  expect((restated.responses[0]!.carryM as number) / 0.9144).toBeCloseTo(244.7, 0)
  expect(restated.responses[1]!.error).toContain('just one of')
  expect(restated.responses[2]).toEqual({ refused: 'unknown-wind' })
})
