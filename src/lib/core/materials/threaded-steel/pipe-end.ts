import { makeTaperEnd, readTaperEnd, type TaperFamily } from '../../catalogue/taper-end.ts';
import { MATERIALS, type Material } from '../../catalogue/pipe.ts';
import type { End, Gender, ThreadEnd } from '../../ends/end.ts';
import type { Settings } from '../craft.ts';

/** The thread each material is made up with: black steel pipe with NPT, black steel tube with R. */
const THREADS: Readonly<Record<Material, TaperFamily>> = { 'black-iron': 'NPT', 'steel-r': 'R' };

/** The system of taper thread a material is made up with. */
export const getThreadSystem = ({ material }: Pick<Settings, 'material'>): TaperFamily => THREADS[material];

/** Its pipe is threaded outside; an opening that takes it is threaded inside. */
export const getPipeEnd = (settings: Settings, gender: Gender): ThreadEnd =>
  makeTaperEnd(getThreadSystem(settings), settings.size, gender);

/** The pipe that is threaded so, or goes into such an opening. */
export function readPipeEnd(end: End): Settings | null {
  const taper = readTaperEnd(end);
  const material = taper && MATERIALS.find((each) => THREADS[each] === taper.system);
  return taper && material ? { system: 'threaded-steel', material, size: taper.size } : null;
}
