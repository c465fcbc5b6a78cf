import type { Help } from '@/core/gaps/beyond-shots'
import { helpWords, helpWorth } from '@/text/helps'

/** What would help more than shots, line by line, with what each is worth. */
export const HelpLines = ({ helps, name }: { helps: readonly Help[]; name: (id: string) => string }) =>
  helps.map((help) => (
    <li key={help.kind}>
      <b>{helpWords(help, name)}.</b> <span className="quiet">{helpWorth(help)}</span>
    </li>
  ))
