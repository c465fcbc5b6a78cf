/** What a monitor is called that nobody gave a name. */
export const UNNAMED_MONITOR = 'the monitor'
