import { DEMONSTRATIONS, resolve } from '@core/index'
import { Integrator } from '@core/solver'
import { latinHypercube } from '@core/forecast/latin-hypercube'
const run=(Integrator.prototype as any).run
let steps=0, worst:any
;(Integrator.prototype as any).run=function(system:any,state:any,start:number,end:number,o:any){ const r=run.call(this,system,state,start,end,o); steps+=r.steps+r.rejected; if(!worst||r.steps>worst[1]) worst=[system.constructor.name+':'+(system.wall??''),r.steps,r.rejected,start,r.time,r.stoppedBy]; return r }
for (const d of DEMONSTRATIONS) {
  const choices = [{}, ...d.inputs.flatMap(i => (i.kind === 'choice' ? i.choices.map(c => ({ [i.id]: c.id })) : []))]
  const DRAWS=250
  const points = latinHypercube(DRAWS, d.inputs.length, 5)
  const L:any[]=[]
  for(let i=0;i<DRAWS;i++){
    const numbers: Record<string, number> = {}
    d.inputs.forEach((input, column) => {
      if (input.kind !== 'quantity' || (i + column) % 3 === 0 || i < choices.length) return
      const [low, high] = input.usual
      numbers[input.id] = low + (high - low) * points[i * d.inputs.length + column]
    })
    const {values,faults}=resolve(d,{numbers,choices:choices[i % choices.length]} as any); if(faults.length) continue
    steps=0; worst=undefined; const s=d.simulate(values,'summary'); L.push([steps,i,s.outcome,worst])
  }
  L.sort((a,b)=>b[0]-a[0]); console.log(d.id.padEnd(22),'median',L[L.length>>1][0],'| top', L.slice(0,3).map(l=>l[0]+' '+l[1]+' '+l[2]+' '+(l[3]??[]).map((x:any)=>typeof x==='number'?+x.toPrecision(4):x).join(',')).join(' | '))
}
