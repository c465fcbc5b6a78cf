import { readAgreeInput } from '@/formats/agree-input'
import { readChanceInput } from '@/formats/chance-input'
import { readCompareInput } from '@/formats/compare-input'
import { readFlyInput, readRestateInput } from '@/formats/flight-input'
import { analyse } from './analyse'
import { answerLines } from './answer-lines'
import { AGREE_USAGE, answerAgree } from './agree'
import { answerChance, CHANCE_USAGE } from './chance'
import { answerCompare, COMPARE_USAGE } from './compare'
import { checkData } from './check-data'
import { REFIT_USAGE, runRefit } from './refit'
import { answerFly, answerRestate, FLY_USAGE, RESTATE_USAGE } from './flight'
import {
  BACKUP_USAGE,
  EXPORT_USAGE,
  IMPORT_USAGE,
  REPORT_USAGE,
  RESTORE_USAGE,
  runBackup,
  runExport,
  runImport,
  runReport,
  runRestore,
  sentenceOf,
} from './files'

const STREAMS = { input: process.stdin, output: process.stdout, errors: process.stderr }

type Command = {
  about: string
  usage?: string
  run: (args: string[]) => Promise<number | void> | number | void
}

const COMMANDS: Record<string, Command> = {
  analyse: {
    about: 'clubs and shots in (one JSON document a line), stocks, steps and holes out',
    usage:
      'npm run -s banco -- analyse < BAGS\n\nOne JSON document a line in, one a line out, as docs/calculations.md says.',
    run: () => analyse(process.stdin, process.stdout, process.stderr),
  },
  fly: {
    about: 'launches in, flights and runs out (one JSON document a line)',
    usage: FLY_USAGE,
    run: () => answerLines(readFlyInput, answerFly, STREAMS),
  },
  restate: {
    about: 'measured carries into other air (one JSON document a line)',
    usage: RESTATE_USAGE,
    run: () => answerLines(readRestateInput, answerRestate, STREAMS),
  },
  refit: {
    about: 'clubs, how they are made, and shots in; what could be done about the steps out',
    usage: REFIT_USAGE,
    run: () => runRefit(process.stdin, process.stdout, process.stderr),
  },
  compare: {
    about: 'two lists of carries in (one JSON document a line), whether they differ out',
    usage: COMPARE_USAGE,
    run: () => answerLines(readCompareInput, answerCompare, STREAMS),
  },
  agree: {
    about: 'the same shots as two monitors read them in (one JSON document a line), how they agree out',
    usage: AGREE_USAGE,
    run: () => answerLines(readAgreeInput, answerAgree, STREAMS),
  },
  chance: {
    about: 'shots and what they are to clear or hold in (one JSON document a line), chances out',
    usage: CHANCE_USAGE,
    run: () => answerLines(readChanceInput, answerChance, STREAMS),
  },
  import: { about: 'bring a table of shots in, or preview it', usage: IMPORT_USAGE, run: runImport },
  export: { about: 'a golfer as JSON; shots, stocks, steps as CSV', usage: EXPORT_USAGE, run: runExport },
  backup: { about: 'the whole database to a file', usage: BACKUP_USAGE, run: runBackup },
  restore: { about: 'a backup or a golfer’s file back in', usage: RESTORE_USAGE, run: runRestore },
  report: { about: 'a report, a card or labels as PDF', usage: REPORT_USAGE, run: runReport },
  'check-data': { about: 'open the data folder and bring its database up to date', run: checkData },
}

const [name = '', ...args] = process.argv.slice(2)
const command = COMMANDS[name]
if (command && args.includes('--help')) console.log(command.usage ?? command.about)
else if (command) {
  try {
    process.exitCode = (await command.run(args)) ?? 0
  } catch (error) {
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
