import wide from './bay.module.css'
import small from './bay-small.module.css'
import onItsSide from './bay-on-its-side.module.css'

/** Where the rules of the Bay hold: its pages and its dialogs. */
export const BAY = `${wide.screen} ${small.screen} ${onItsSide.screen}`
