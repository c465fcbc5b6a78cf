import { analyseTrial, oneDay, seedOfTrial } from '../bench/judgement/trial'
import { Score } from '../bench/judgement/score'
import { USUAL } from '../bench/judgement/worlds'
import { HARD_WORLDS } from '../bench/judgement/hard-worlds'
import { dice } from '../simulators/golfers/dice'
const N=Number(process.argv[2]??60)
const worlds=[{name:'usual',hit:(n:number,o:any,r:any)=>oneDay(USUAL,n,o,r)},...HARD_WORLDS.filter(w=>/block|same/.test(w.name))]
for (const w of worlds) for (const n of [5,8]) { const s=new Score(); let blocks=0,asked=0,falseAsk=0,sh=0; for(let g=0;g<N;g++){const t=w.hit(n,'club after club',dice(seedOfTrial(3,g,n))); const a=analyseTrial(t); s.add(t,a)
 const by=new Map<string,{other:number,said:number,n:number}>()
 t.shots.forEach((x,i)=>{const e=by.get(x.named.name)??{other:0,said:0,n:0};e.n++; if(x.truth==='other-club')e.other++; const j=a.shots.find(q=>q.shotId===String(i)); if(j?.mark==='other-club'){e.said++; if(x.truth!=='other-club')falseAsk++} sh++; by.set(x.named.name,e)})
 for(const e of by.values()) if(e.other>=n){blocks++; if(e.said>=n)asked++}}
 const f=s.figures; console.log(w.name.padEnd(34),n,'blocks',blocks,'asked',asked,'false shots',falseAsk,'of',sh,'wrong',(100*f.wrong.value).toFixed(1),'settled',(100*f.settled.value).toFixed(1),'rmse',f.rmse.value.toFixed(2),'goodlost',(100*f.goodLost.value).toFixed(2)) }
