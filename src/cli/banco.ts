import { answerLines } from './answer-lines'

// What a command needs is loaded with it alone: a command that only calculates starts without the store and the papers.
const STREAMS = { input: process.stdin, output: process.stdout, errors: process.stderr }

type Run = (args: string[]) => Promise<number | void> | number | void
type Command = { about: string; load: () => Promise<{ usage: string; run: Run }> }

const ANALYSE_USAGE =
  'npm run -s banco -- analyse < BAGS\n\nOne JSON document a line in, one a line out, as docs/calculations.md says.'

const CHECK_DATA = 'open the data folder and bring its database up to date'

const flights = () => Promise.all([import('./flight'), import('@/formats/flight-input')])
const ofFiles = (pick: (files: typeof import('./files')) => { usage: string; run: Run }) => async () =>
  pick(await import('./files'))

const COMMANDS: Record<string, Command> = {
  analyse: {
    about: 'clubs and shots in (one JSON document a line), stocks, steps and holes out',
    load: async () => {
      const { analyse } = await import('./analyse')
      return { usage: ANALYSE_USAGE, run: () => analyse(process.stdin, process.stdout, process.stderr) }
    },
  },
  fly: {
    about: 'launches in, flights and runs out (one JSON document a line)',
    load: async () => {
      const [{ answerFly, FLY_USAGE }, { readFlyInput }] = await flights()
      return { usage: FLY_USAGE, run: () => answerLines(readFlyInput, answerFly, STREAMS) }
    },
  },
  restate: {
    about: 'measured carries into other air (one JSON document a line)',
    load: async () => {
      const [{ answerRestate, RESTATE_USAGE }, { readRestateInput }] = await flights()
      return { usage: RESTATE_USAGE, run: () => answerLines(readRestateInput, answerRestate, STREAMS) }
    },
  },
  refit: {
    about: 'clubs, how they are made, and shots in; what could be done about the steps out',
    load: async () => {
      const { REFIT_USAGE, runRefit } = await import('./refit')
      return { usage: REFIT_USAGE, run: () => runRefit(process.stdin, process.stdout, process.stderr) }
    },
  },
  compare: {
    about: 'two lists of carries in (one JSON document a line), whether they differ out',
    load: async () => {
      const [{ answerCompare, COMPARE_USAGE }, { readCompareInput }] = await Promise.all([
        import('./compare'),
        import('@/formats/compare-input'),
      ])
      return { usage: COMPARE_USAGE, run: () => answerLines(readCompareInput, answerCompare, STREAMS) }
    },
  },
  agree: {
    about: 'the same shots as two monitors read them in (one JSON document a line), how they agree out',
    load: async () => {
      const [{ AGREE_USAGE, answerAgree }, { readAgreeInput }] = await Promise.all([
        import('./agree'),
        import('@/formats/agree-input'),
      ])
      return { usage: AGREE_USAGE, run: () => answerLines(readAgreeInput, answerAgree, STREAMS) }
    },
  },
  chance: {
    about: 'shots and what they are to clear or hold in (one JSON document a line), chances out',
    load: async () => {
      const [{ answerChance, CHANCE_USAGE }, { readChanceInput }] = await Promise.all([
        import('./chance'),
        import('@/formats/chance-input'),
      ])
      return { usage: CHANCE_USAGE, run: () => answerLines(readChanceInput, answerChance, STREAMS) }
    },
  },
  import: {
    about: 'bring a table of shots in, or preview it',
    load: ofFiles((files) => ({ usage: files.IMPORT_USAGE, run: files.runImport })),
  },
  export: {
    about: 'a golfer as JSON; shots, stocks, steps as CSV',
    load: ofFiles((files) => ({ usage: files.EXPORT_USAGE, run: files.runExport })),
  },
  backup: {
    about: 'the whole database to a file',
    load: ofFiles((files) => ({ usage: files.BACKUP_USAGE, run: files.runBackup })),
  },
  restore: {
    about: 'a backup or a golfer’s file back in',
    load: ofFiles((files) => ({ usage: files.RESTORE_USAGE, run: files.runRestore })),
  },
  report: {
    about: 'a report, a card or labels as PDF',
    load: ofFiles((files) => ({ usage: files.REPORT_USAGE, run: files.runReport })),
  },
  'check-data': {
    about: CHECK_DATA,
    load: async () => {
      const { checkData } = await import('./check-data')
      return { usage: CHECK_DATA, run: checkData }
    },
  },
}

const [name = '', ...args] = process.argv.slice(2)
const command = COMMANDS[name]
if (command) {
  const { usage, run } = await command.load()
  try {
    if (args.includes('--help')) console.log(usage)
    else process.exitCode = (await run(args)) ?? 0
  } catch (error) {
    const { sentenceOf } = await import('./files')
    const sentence = sentenceOf(error)
    console.error(sentence ?? error)
    process.exitCode = sentence === null ? 1 : 2
  }
} else {
  const lines = Object.entries(COMMANDS).map(([each, { about }]) => `  ${each.padEnd(12)}${about}`)
  const known = name === '' || name === '--help'
  console.error(
    `${known ? '' : `There is no command "${name}".\n`}npm run -s banco -- COMMAND [--help]\n${lines.join('\n')}`,
  )
  process.exitCode = known ? 0 : 2
}
