import type { LineCommand } from './line-command'

// Each command loads only its own modules: one that only calculates starts without the database and the PDF library.
type Command = {
  about: string
  load: () => Promise<{ usage: string; run: (args: string[]) => Promise<number | void> | number | void }>
}

const STREAMS = { input: process.stdin, output: process.stdout, errors: process.stderr }
const ofLines = (load: () => Promise<LineCommand>) => async () => {
  const { usage, run } = await load()
  return { usage, run: () => run(STREAMS) }
}
const ofFiles =
  <Loaded>(pick: (files: typeof import('./files')) => Loaded) =>
  async () =>
    pick(await import('./files'))

const CHECK_DATA = 'open the data folder and bring its database up to date'

const COMMANDS: Record<string, Command> = {
  analyse: {
    about: 'clubs and shots in (one JSON document a line), stocks, gaps and uncovered distances out',
    load: ofLines(async () => (await import('./analyse')).ANALYSE),
  },
  fly: {
    about: 'launches in, flights and runs out (one JSON document a line)',
    load: ofLines(async () => (await import('./flight')).FLY),
  },
  restate: {
    about: 'measured carries into other air (one JSON document a line)',
    load: ofLines(async () => (await import('./flight')).RESTATE),
  },
  refit: {
    about: 'clubs, how they are made, and shots in; what can be done about their gaps out',
    load: ofLines(async () => (await import('./refit')).REFIT),
  },
  compare: {
    about: 'two lists of carries in (one JSON document a line), whether they differ out',
    load: ofLines(async () => (await import('./compare')).COMPARE),
  },
  agree: {
    about: 'the same shots as two monitors read them in (one JSON document a line), how they agree out',
    load: ofLines(async () => (await import('./agree')).AGREE),
  },
  chance: {
    about: 'shots and what they are to clear or hold in (one JSON document a line), chances out',
    load: ofLines(async () => (await import('./chance')).CHANCE),
  },
  import: {
    about: 'bring a table of shots in, or preview it',
    load: ofFiles((files) => ({ usage: files.IMPORT_USAGE, run: files.runImport })),
  },
  export: {
    about: 'a golfer as JSON; shots, stocks, gaps as CSV',
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
