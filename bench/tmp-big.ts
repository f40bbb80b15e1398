import { bigBox } from './big-box';
import { adviseInSteps } from '../core';
import { fieldsOf } from '../core/advice/field';
import { NORTH_ARM } from '../demo/brindle-mere';
const W = process.argv[3] ? {...NORTH_ARM, depthM:2.4, cover:[], band:{fromM:0.4,toM:1}} : NORTH_ARM; const T0=performance.now();
for (const n of process.argv[2] ? [Number(process.argv[2])] : [1000,20000]) {
const box = bigBox(n); let t=performance.now();
const f = fieldsOf(W, box); console.log(n,'fields', performance.now()-t, f.map(x=>[x.space.heads.length,x.space.trailers.length,x.space.skirts.length,x.space.skirtSets.length,x.pairs]));
for (const x of f) { const hs=new Set(x.space.heads.map(h=>h.axes.join()+'|'+h.skirtSet)), ts=new Set(x.space.trailers.map(h=>h.axes.join())); const ah=new Set(x.space.heads.map(h=>h.alike)), at=new Set(x.space.trailers.map(h=>h.alike)); console.log('sig', hs.size, ts.size, 'alike', ah.size, at.size); }
t=performance.now();
const g = adviseInSteps(W, box, 12); let s; let prev=performance.now(), worst=0; let steps=0;
do { s = g.next(); const now=performance.now(); if (now-prev>worst) {worst=now-prev;} prev=now; steps++ } while(!s.done);
console.log(n, performance.now()-t, 'worst step', worst, steps, (s.value as any).considered, (s.value as any).tooManyPairs, (s.value as any).picks.length, (s.value as any).picks[0]?.score);
}
