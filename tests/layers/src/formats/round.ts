import { circles } from './circles'

export const round = (): number => circles()
