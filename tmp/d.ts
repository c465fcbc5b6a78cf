import { analyseTrial, oneDay, ORDERS, seedOfTrial } from '../bench/judgement/trial'
import { Score } from '../bench/judgement/score'
import { USUAL, FRESH } from '../bench/judgement/worlds'
import { dice } from '../simulators/golfers/dice'
for (const w of [USUAL,FRESH]) for (const o of ['rounds','club after club'] as const) for (const n of [5,8,12]) { const s=new Score(); for(let g=0;g<60;g++){const t=oneDay(w,n,o,dice(seedOfTrial(3,g,n))); s.add(t,analyseTrial(t))} const f=s.figures; console.log(w.name,o,n,'model holds',f.hold.value.toFixed(3),'bias',f.bias.value.toFixed(2),'rmse',f.rmse.value.toFixed(2),'shown',f.rmseShown.value.toFixed(2),'half',f.halfWidth.value.toFixed(2),'shownHold',f.holdShown.value.toFixed(3)) }
