import wide from './bay.module.css'
import small from './bay-small.module.css'

/** Where the rules of the Bay hold: its pages and its dialogs. */
export const BAY = `${wide.screen} ${small.screen}`
