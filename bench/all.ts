import { analysisAgainstParsing } from './analysis'
import { attackAll } from './attack'
import { browserImport } from './browser-import'
import { importAgainstBare } from './file-import'
import { chances } from './chances'
import { chancesFromShots } from './chances-from-shots'
import { firstLoad } from './first-load'
import { flights } from './flights'
import { hostileFiles } from './hostile-files'
import { judgement, looks, plans, reliability } from './judgement/tables'
import { fullDisk } from './full-disk'
import { kills } from './kills'
import { load } from './load'
import { longWork } from './long-work'
import { meanwhile } from './meanwhile'
import { memory } from './memory'
import { oddBags } from './odd-bags'
import { liveShots } from './live-shots'
import { ordinaryAnswered, refitScored, refitTimed } from './refit'
import { restoreKills } from './restore-kills'
import { seasonDrag } from './season-drag'
import { thenAndNow } from './then-and-now'
import { twentyTabs } from './twenty-tabs'

/** Every benchmark, in ratios within one run where there is something to compare with. */
const BENCHES: Record<string, () => Promise<string[]> | string[]> = {
  'First-load JS': firstLoad,
  analyseBag: analysisAgainstParsing,
  'Judgement, short form': () => [...judgement(12, 1), ...reliability(6, 1), ...plans(3, 1), ...looks(3, 1)],
  'Odd bags': oddBags,
  'Fix gaps (refit)': () => [
    ...refitScored(200, 5001),
    ...refitScored(200, 9001),
    ...ordinaryAnswered(300, 1),
    ...refitTimed(),
  ],
  'Then and now': () => thenAndNow(40, 1),
  'Chances on the course': () => chances(40, 4000, 1),
  'Chances from 8 shots a club': () => chancesFromShots(150, 1),
  Flights: flights,
  'Season, dragged': seasonDrag,
  'Load, by how much was hit': load,
  Meanwhile: meanwhile,
  Memory: memory,
  Attack: attackAll,
  'Full disk': fullDisk,
  'Hostile files': hostileFiles,
  'Kills at every step to the disk': kills,
  'Kills during a restore over HTTP': restoreKills,
  'CSV import': importAgainstBare,
  'CSV import through the browser': browserImport,
  'Live shot to the page': liveShots,
  'Twenty tabs': twentyTabs,
  'Long work beside': longWork,
}

const wanted = process.argv.slice(2)
for (const [name, bench] of Object.entries(BENCHES)) {
  if (wanted.length > 0 && !wanted.some((each) => name.toLowerCase().includes(each.toLowerCase()))) continue
  console.log(`\n${name}`)
  for (const line of await bench()) console.log(`  ${line}`)
}
