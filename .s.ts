import { DEMONSTRATIONS, findDemonstration, resolve, StagingSample } from '@core/index'
const nothing={numbers:{},choices:{},spreads:{}} as any
const ids=process.argv.slice(2).length?process.argv.slice(2):['can-plunge','sealed-drum','sealed-tin','hot-water-bottle','process-vessel','low-pressure-boil']
const best:Record<string,number>={}
for(let r=0;r<6;r++) for(const id of ids){ const d=findDemonstration(id)!; const s=new StagingSample(d,nothing,600,1); const t=performance.now(); s.advance(600); best[id]=Math.min(best[id]??1e9,performance.now()-t) }
for(const id of ids) console.log(id,(best[id]/600*2).toFixed(3),'s/2000',(best[id]/best['can-plunge']).toFixed(2))
