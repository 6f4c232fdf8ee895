import {
  THREADED_MATERIALS,
  type ThreadedMaterial,
  makeTaperEnd,
  readTaperEnd,
  type TaperFamily,
} from '#core/catalogue';
import { isNominal, type NominalSize, type End, type Gender, type ThreadEnd } from '#core/ends';
import type { Settings } from '../craft.ts';

/** The thread each material is made up with: black steel pipe with NPT, black steel tube with R. */
const THREADS: Readonly<Record<ThreadedMaterial, TaperFamily>> = { 'black-iron': 'NPT', 'steel-r': 'R' };

/** The system of taper thread a material is made up with. */
export const getThreadSystem = ({ material }: Pick<Settings, 'material'>): TaperFamily =>
  THREADS[material as ThreadedMaterial];

/** Its size: legs of steel have nominal ones, and no others stand in a document. */
export function getNominal({ size }: Pick<Settings, 'size'>): NominalSize {
  if (!isNominal(size)) throw new Error(`no size of steel pipe: ${size}`);
  return size;
}

/** Its pipe is threaded outside; an opening that takes it is threaded inside. */
export const getPipeEnd = (settings: Settings, gender: Gender): ThreadEnd =>
  makeTaperEnd(getThreadSystem(settings), getNominal(settings), gender);

/** The pipe that is threaded so, or goes into such an opening. */
export function readPipeEnd(end: End): Settings | null {
  const taper = readTaperEnd(end);
  const material = taper && THREADED_MATERIALS.find((each) => THREADS[each] === taper.system);
  return taper && material ? { system: 'threaded-steel', material, size: taper.size, stock: 'length' } : null;
}
