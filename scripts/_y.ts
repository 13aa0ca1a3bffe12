import { parcelBench } from '../core/src/demo';
import { planJob } from '../core/src/plan';
const p=planJob(parcelBench());
for (const f of p.fixings.filter(o=>o.id.includes('bracket-leg')&&o.into.is==='wall')) console.log(f.id,f.holes.map(h=>h.into+' '+h.spot?.alongMm).join(' '));
console.log(p.problems.map(x=>x.message.code+JSON.stringify(x.message.params)));
