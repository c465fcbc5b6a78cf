import { longRun, hardWorlds, edges, ranges, strikeWords } from '../bench/judgement/tables'
const n=Number(process.argv[2]??60), seed=Number(process.argv[3]??5), what=process.argv[4]??'all'
const p=(g:Iterable<string>)=>{for(const l of g)console.log(l.slice(0,190))}
if(what.match(/all|days/))p(longRun(n,seed)); if(what.match(/all|edge/))p(edges(n,seed)); if(what.match(/strike/))p(strikeWords(n,seed)); if(what.match(/all|range/))p(ranges(n,seed)); if(what.match(/all|hard/))p(hardWorlds(n,seed))
