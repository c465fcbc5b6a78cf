import { analyseBag } from '@/core/analyse-bag'
import { hit, around, club } from '../tests/shots'
const bag=[club('driver','driver',10.5,0),club('5i','iron',25,1),club('7i','iron',32,2),club('9i','iron',41,3),club('pw','wedge',46,4),club('50','wedge',50,5),club('54','wedge',54,6)]
const others=()=>[...hit('driver',around(228)),...hit('5i',around(176)),...hit('7i',around(160)),...hit('9i',around(137)),...hit('pw',around(120))]
const show=(name:string,shots:any)=>{const a=analyseBag({clubs:bag,shots}); const m=new Map(a.shots.map(s=>[s.shotId,s])); console.log(name, shots.filter((s:any)=>s.clubId==='50').map((s:any)=>`${(s.carryM/.9144).toFixed(0)}:${m.get(s.id)!.mark}${m.get(s.id)!.other??''}(${m.get(s.id)!.solidProbability.toFixed(2)})`).join(' '), a.warnings.map(w=>w.kind).join())}
for (const fifty of [[104,103,105],[104,103,105,102],[104,103,105,102,106],[102,100,101]]) for (const own54 of [[],[89,90,88,91],[89,90,88,91,87,90]]) {
 show(`50 then 54 (${fifty.length}, own ${own54.length})`,[...others(),...hit('50',[...fifty,88,89.5,89]),...hit('54',own54)])
 show(`54 first (${fifty.length}, own ${own54.length})`,[...others(),...hit('50',[88,89.5,89,...fifty]),...hit('54',own54)])
 show(`block of three (${fifty.length}, own ${own54.length})`,[...others(),...hit('50',fifty),...hit('pw',around(120,3)),...hit('50',[88,89.5,89]),...hit('54',own54)])
 show(`only three (own ${own54.length})`,[...others(),...hit('50',[88,89.5,89]),...hit('54',own54)])
}
