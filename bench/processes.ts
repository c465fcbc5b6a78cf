import { readFileSync } from 'node:fs'

/** A file of Linux about a process; empty once the process has ended. */
function about(pid: number, file: string): string {
  try {
    return readFileSync(`/proc/${pid}/${file}`, 'utf8')
  } catch {
    return ''
  }
}

/** The memory of a process in MB: as it is, or the most that it had. */
export const memoryMb = (pid: number, which: 'now' | 'peak' = 'now'): number =>
  Number(
    new RegExp(`${which === 'now' ? 'VmRSS' : 'VmHWM'}:\\s+(\\d+)`).exec(about(pid, 'status'))?.[1] ?? 0,
  ) / 1024

export const childrenOf = (pid: number): number[] =>
  about(pid, `task/${pid}/children`).split(' ').filter(Boolean).map(Number)

/** The CPU time of a process in milliseconds. Linux counts it in hundredths of a second. */
export function cpuMs(pid: number): number {
  const fields = about(pid, 'stat').split(') ')[1]?.split(' ') ?? []
  return 10 * (Number(fields[11]) + Number(fields[12]))
}
