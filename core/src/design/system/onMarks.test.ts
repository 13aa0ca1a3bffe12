import { chimneyAlcove, cloakroomCloset } from '../../rigs/demo';
import { TAPE_STEP_MM } from '../../base/quantity';
import type { Job } from '../../job';
import { planJob } from '../../plan';

test.each([chimneyAlcove(), cloakroomCloset()])(
  '$name as a case: every housing is where the tape has a mark, measured from the foot',
  (job: Job) => {
    const plan = planJob({ ...job, support: { system: 'housed-case', own: {} } });
    const housings = plan.parts.flatMap(({ role, joints }) =>
      role.startsWith('case-side')
        ? joints.flatMap((joint) => (joint.kind === 'housed' ? joint.atMm.slice(1, -1) : []))
        : [],
    );
    expect(housings).toHaveLength(2 * job.shelves.count);
    const step = TAPE_STEP_MM[job.tape];
    for (const at of housings) expect(Math.abs(at / step - Math.round(at / step))).toBeLessThan(1e-6);
  },
);
