'use client'

import type { ReactNode } from 'react'
import Button, { type ButtonProps } from 'react-bootstrap/Button'
import { useHotkeys } from 'react-hotkeys-hook'
import { COMMAND_IDS, command, type CommandId } from './commands'

/** What each command does where it can be done now. */
export type CommandActions = Partial<Record<CommandId, () => void>>

/** Letters are commands while the entry is empty, and text as soon as something is typed in it or chosen from a list. */
const typing = ({ target }: KeyboardEvent): boolean =>
  (target instanceof HTMLInputElement && target.value !== '') || target instanceof HTMLSelectElement

/** Listens for the keys of some commands. */
export function CommandKeys({ of, enabled = true }: { of: CommandActions; enabled?: boolean }) {
  return COMMAND_IDS.map((id) => {
    const run = of[id]
    return run ? <CommandKey key={id} id={id} run={run} enabled={enabled} /> : null
  })
}

function CommandKey({ id, run, enabled }: { id: CommandId; run: () => void; enabled: boolean }) {
  const { hotkey = '' } = command(id)
  useHotkeys(hotkey, run, {
    enableOnFormTags: true,
    preventDefault: true,
    ignoreEventWhen: typing,
    enabled: enabled && hotkey !== '',
    // A sign that keyboards have in different places goes by what it writes.
    useKey: hotkey === '?',
  })
  return null
}

type Props = ButtonProps & { id: CommandId; children: ReactNode; keyed?: boolean }

/** A button that does what a key does, and says which. */
export function CommandButton({ id, children, keyed = true, ...button }: Props) {
  return (
    <Button {...button}>
      {children}
      {keyed && <kbd>{command(id).key}</kbd>}
    </Button>
  )
}
