import { demoJobs } from '../core/src/demo';
import { planJob } from '../core/src/plan';
import { words } from '../core/src/words';
for (const job of demoJobs()) { const t=performance.now(); const p=planJob(job); const ms=performance.now()-t;
 const r={units:job.units,tape:job.tape};
 console.log('=====',job.name,job.support.system,ms.toFixed(0)+'ms','parts',p.parts.length,'fix',p.fixings.length);
 for(const q of p.problems) if(q.about.is!=='reading') console.log('  !',q.severity,words(q.message,r));
 for(const c of p.cures) console.log('  cure',c.system,c.shelf,words(c.words,r),c.sagMm.toFixed(2),c.used.toFixed(2),'cost',c.cost.toFixed(1));
 for(const s of p.strengths) console.log('  shelf',s.shelf,s.carries.by,s.carries.kg.toFixed(1),'self',s.carries.selfKg.toFixed(1),'span',s.spanMm.toFixed(0),'sag',s.sag.nowMm.toFixed(2),s.sag.lastingMm.toFixed(2),'seen',s.sag.seenMm.toFixed(2),'usual',s.sag.usualMm.toFixed(2),s.sag.state,'bend',s.bending.toFixed(2),'lean',s.leaning.toFixed(2),'weak',s.weakest&&[s.weakest.fixing,s.weakest.into,s.weakest.used.toFixed(2),s.weakest.shearN.toFixed(0),s.weakest.mayShearN.toFixed(0),s.weakest.pullN.toFixed(0),s.weakest.mayPullN.toFixed(0),s.weakest.mode].join(' '),s.state);
}
