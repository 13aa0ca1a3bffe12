import { newJob, type Job } from '@dormer/core/job';
import { openingOf, type Band } from '@dormer/core/opening';
import { fitBetween, pocketOf } from '@dormer/core/fit';
import { carried, chanceAt, chanceSlip, takeReading, trialRoom, tryIn, type Slips } from '@dormer/core/practice';
import { surveyOf } from '@dormer/core/survey';
import type { Spot } from '@dormer/core/reading';
const slips: Slips = { share: Number(process.argv[2] ?? 0.05), offMm: [10,-10,25.4,-25.4] };
const job: Job = { ...newJob({ id:'b', name:'b', kind:'alcove', units:'mm' }), tape: '0.5mm' };
const spots: Spot[] = [
  ...[500, 1200, 1900].flatMap((upMm) => (['back','front'] as const).map((at): Spot => ({ kind:'width', at, upMm }))),
  ...(['left','right'] as const).map((corner): Spot => ({ kind:'square', corner, upMm:1200, bladeMm: 250 })),
  ...(['left','right'] as const).map((wall): Spot => ({ kind:'plumb', wall, at:'front', side:'middle', upMm:600, overMm:1200 })),
];
let inn=0,n=0,said=0; const t=Date.now();
for (let seed=1; seed<=Number(process.argv[3]??60); seed++) {
  const room=trialRoom(seed);
  const readings=spots.map((spot,i)=>{ const random=chanceAt(seed,spot); const slip=chanceSlip(spot,random,slips); return takeReading({room,spot,random,slip,id:`r${i}`}); });
  const opening=openingOf(surveyOf({...job,readings}));
  for (const up of [500,850,1200,1550,1900]) { const band: Band={upFrom:up-18,upTo:up,outFrom:0,outTo:300}; const pocket=pocketOf(opening,band,{stance:'flat',samples:400,seed:11}); const f=fitBetween(pocket,'angled',{tape:job.tape,odds:97,leastMm:0}); n++; if(!f) continue; said+=f.odds; if(tryIn(room,carried(band,f)).goesIn) inn++; }
}
console.log(n, 100*inn/n, said/n, Date.now()-t);
