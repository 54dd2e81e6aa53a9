import { BOOK } from './core/knowledge/book'
import { buildModel } from './core/inference/model'
import { Belief } from './core/inference/belief'
import { rankBelief } from './core/inference/rank'
import { benchReadings } from './core/inference/bench-case'
import { plainPosterior } from './core/inference/plain-enumeration'
const profile:any={ coolant: 'ethylene-glycol', glycolVolumeFraction: 0.5, oilCooler: false, transmissionCooler: false, egrCooler: false, turboCooled: false, rearHeater: false, heavyDiesel: false, heatModule: false, heaterValve: false, auxHeaterPump: false, mapThermostat: false, switchablePump: false, electroViscous: false, grilleShutter: false,thermostatSide: 'outlet', thermostatRatingC: 88, fan: 'electric-relay', vessel: 'pressurised-tank', pumpDrive: 'accessory-belt' }
const m=buildModel(BOOK,'overheats',profile)
console.log(m.faults.length,m.setCount)
const r=benchReadings(m)
for (let k=0;k<8;k++){ const a=performance.now(); const b=new Belief(m,r); const c=performance.now(); const x=rankBelief(b,new Set()); const d=performance.now(); const t2=performance.now(); b.withOneMore({...r[3],source:'x',conditions:'y'}); const t3=performance.now(); console.log((c-a).toFixed(1),(d-c).toFixed(1),(t3-t2).toFixed(2),b.kept.length,b.lost) }
const b=new Belief(m,r); const w=[...b.sets].sort((x,y)=>y-x); let s=0; let i=0; for (const t of [1e-2,1e-3,1e-4,1e-5,1e-6,1e-7]) { while(1-s>t) s+=w[i++]; console.log(t,i) }
console.log([...b.evidence].map(e=>e.sign.linked.length+'/'+e.sign.conditions).join(' '))
console.log(Math.max(...b.faults), b.model.faults.filter((_,i)=>b.faults[i]>0.001).length)
