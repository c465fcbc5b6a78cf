import { analyse } from './analyse'
import { checkData } from './check-data'

const COMMANDS: Record<string, { about: string; run: (args: string[]) => Promise<number> }> = {
  analyse: {
    about: 'clubs and shots in (one JSON document a line), stocks, steps and holes out',
    run: () => analyse(process.stdin, process.stdout, process.stderr),
  },
  'check-data': { about: 'open the data folder and bring its database up to date', run: checkData },
}

const [name = '', ...args] = process.argv.slice(2)
const command = COMMANDS[name]
if (command) process.exitCode = await command.run(args)
else {
  const lines = Object.entries(COMMANDS).map(([each, { about }]) => `  ${each.padEnd(12)}${about}`)
  console.error(
    `${name ? `There is no command "${name}".\n` : ''}npm run -s banco -- COMMAND\n${lines.join('\n')}`,
  )
  process.exitCode = name ? 2 : 0
}
