import { analyseBag } from '../core/analyse-bag'
import { seen } from '../views/sees'

export const taken = analyseBag() + seen
