import type { Mark } from '@/core/model/mark'
import { choicesIn, MARK_NAME } from '@/text/names'

/** All that can be done in the Bay by one key or one tap, in the order of the list of keys. */
type CommandFacts = {
  /** As the list of keys and the buttons show it. */
  key: string
  /** What is pressed, where the page listens for it; absent: whoever asks for it listens. */
  hotkey?: string
  help: string
}

export const MARK_KEY: Record<Mark, string> = {
  solid: 'S',
  fat: 'F',
  thin: 'T',
  'off-centre': 'O',
  wild: 'W',
  misread: 'M',
  'other-club': 'C',
}

const COMMANDS = {
  carry: {
    key: '0–9 Enter',
    help: 'a carry; 129 3l is 3 left of line, 121 m is in metres; several carries with spaces between, or pasted',
  },
  expect: { key: '0–9 E', help: 'what you expect of the club, before you hit it' },
  clear: { key: 'Enter', help: 'all clear, where Banco asks' },
  ...(Object.fromEntries(
    choicesIn(MARK_NAME).map(([mark, name]) => [
      mark,
      {
        key: MARK_KEY[mark],
        hotkey: MARK_KEY[mark].toLowerCase(),
        help: `the shot was ${name}`,
      },
    ]),
  ) as Record<Mark, CommandFacts>),
  next: { key: 'N', hotkey: 'n', help: 'next: the plan’s club, or the longer club' },
  longer: { key: '↑', hotkey: 'up', help: 'the longer club' },
  shorter: { key: 'P ↓', hotkey: 'p,down', help: 'the shorter club' },
  swing: { key: 'X', hotkey: 'x', help: 'full, three-quarter, half' },
  proposal: { key: 'Y', hotkey: 'y', help: 'a held shot: what Banco asks' },
  asItIs: { key: 'K', hotkey: 'k', help: 'a held shot: as it is' },
  move: { key: 'V', hotkey: 'v', help: 'moves the shots that look like another club’s' },
  warmUp: { key: 'U', hotkey: 'u', help: 'warm-up begins, or ends' },
  wind: { key: 'G', hotkey: 'g', help: 'the wind got up, or dropped' },
  rest: { key: 'R', hotkey: 'r', help: 'a rest' },
  history: { key: 'H', hotkey: 'h', help: 'the history of the shot' },
  undo: { key: 'Z', hotkey: 'z', help: 'undo one action at a time' },
  redo: { key: '⇧Z', hotkey: 'shift+z', help: 'redo what was undone' },
  keys: { key: '?', hotkey: '?', help: 'these keys' },
} as const satisfies Record<string, CommandFacts>

export type CommandId = keyof typeof COMMANDS
export const COMMAND_IDS = Object.keys(COMMANDS) as CommandId[]
export const command = (id: CommandId): CommandFacts => COMMANDS[id]

/** The keys of the phone's pad, as they are typed into the entry. */
export const PAD: { key: string; name: string; types: (text: string) => string }[] = [
  ...['1', '2', '3', 'L', '4', '5', '6', 'R', '7', '8', '9', '⌫', '.', '0', '␣'].map((key) => ({
    key,
    name: { L: 'left', R: 'right', '⌫': 'delete the last character', '␣': 'space', '.': 'point' }[key] ?? key,
    types: (text: string) =>
      key === '⌫' ? text.slice(0, -1) : key === '␣' ? `${text} ` : text + key.toLowerCase(),
  })),
]
