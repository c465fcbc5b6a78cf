import { round } from './round'

export const circles: () => number = () => round()
