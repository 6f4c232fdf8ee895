import { makeTaperEnd, type TaperFamily } from '../../catalogue/taper-end.ts';
import type { Material } from '../../catalogue/pipe.ts';
import type { Gender, ThreadEnd } from '../../ends/end.ts';
import type { Settings } from '../craft.ts';

/** The thread each material is made up with: black steel pipe with NPT, black steel tube with R. */
const THREADS: Readonly<Record<Material, TaperFamily>> = { 'black-iron': 'NPT', 'steel-r': 'R' };

export const getThreadSystem = ({ material }: Pick<Settings, 'material'>): TaperFamily => THREADS[material];

/** Its pipe is threaded outside; an opening that takes it is threaded inside. */
export const getPipeEnd = (settings: Settings, gender: Gender): ThreadEnd =>
  makeTaperEnd(getThreadSystem(settings), settings.size, gender);
