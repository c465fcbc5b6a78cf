import { analyseTrial, oneDay, seedOfTrial } from '../bench/judgement/trial'
import { USUAL } from '../bench/judgement/worlds'
import { HARD_WORLDS } from '../bench/judgement/hard-worlds'
import { dice } from '../simulators/golfers/dice'
const w=process.argv[2]==='u'?{name:'usual',hit:(n:number,o:any,r:any)=>oneDay(USUAL,n,o,r)}:HARD_WORLDS.find(w=>w.name==='a whole block of another club')!
for(let g=0;g<25;g++){const t=w.hit(5,'club after club',dice(seedOfTrial(3,g,5))); (globalThis as any).DBG=[]; const a=analyseTrial(t)
 const bad=t.golfer.clubs.filter(c=>{const x=t.shots.filter(s=>s.named.name===c.name); return x.length>=5&&x.every(s=>s.truth==='other-club')}).map(c=>c.name)
 console.log('golfer',g,JSON.stringify(t.golfer.measures),'lofts',t.golfer.knowsLofts,'bad',bad.join())
 for(const d of (globalThis as any).DBG) if(d.total>-4.5||bad.includes(d.club)) console.log('   ',d.club,'->',d.other,'n',d.n,'total',d.total.toFixed(1),JSON.stringify(d.f))
}
