import { filmOf, happenings, planWith, PROGRAMME_IDS, DEFAULT_PLAN, versus } from './core';
import { DEMO_BOX, NORTH_ARM } from './demo/brindle-mere';
import { jig } from './core/testing/fixtures/rigs';
for (const id of PROGRAMME_IDS) { const plan=planWith(DEFAULT_PLAN,id,{depthM:NORTH_ARM.depthM,paceMps:.6}); filmOf(jig(),plan,NORTH_ARM); let t=performance.now(); const f=filmOf(jig(),plan,NORTH_ARM); const a=performance.now()-t; t=performance.now(); const h=happenings(f,NORTH_ARM); const b=performance.now()-t; t=performance.now(); versus(f,filmOf(jig({oz:.5,trailer:'flapper-craw'}),plan,NORTH_ARM),NORTH_ARM); console.log(id, 'ends',f.endsS.toFixed(0),'points',f.done.path.length,'film ms',a.toFixed(2),'told',h.length,b.toFixed(1),'versus',(performance.now()-t).toFixed(1)); }
