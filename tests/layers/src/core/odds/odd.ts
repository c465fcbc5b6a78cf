import { stock } from '../stock/stock'

export const odd = stock
