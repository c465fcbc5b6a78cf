import { stock } from '../stock/stock'

export const back = stock
