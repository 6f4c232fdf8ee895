import { getCraft } from '#core/materials';
import {
  getStretches,
  perStretch,
  type LegStretch,
  type NodeStretch,
  type RunLayout,
} from '#core/runs/layout';

const appliancesIn = perStretch(({ nodes }: NodeStretch) =>
  nodes.filter(({ node }) => node.terminal?.kind === 'appliance'),
);

/** The nodes at which an appliance stands, in walking order: looked for in each stretch once. */
export const listApplianceNodes = (layout: RunLayout): NodeStretch['nodes'] =>
  getStretches(layout).nodes.flatMap((stretch) => appliancesIn(stretch, layout));

/** Whether a stretch has pipe that is for the ground only. */
export const hasGroundPipe = perStretch(({ legs }: LegStretch): boolean =>
  legs.some(({ leg }) => getCraft(leg).isForGround),
);

/** Whether a run has pipe that is for the ground only. */
export const isInGround = (layout: RunLayout): boolean =>
  getStretches(layout).legs.some((stretch) => hasGroundPipe(stretch, layout));
