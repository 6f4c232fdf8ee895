import { JOINS, MATERIALS, SYSTEMS, TUBE_JOINS } from '#core/catalogue';
import { CRAFTS } from '#core/materials';
import { MATERIAL_TRAITS } from '../../../src/lib/core/materials/materials.ts';
import { TOY, toyMaterials, toyPipe } from './toy-pipe.ts';
import { toyRing } from './toy-ring.ts';

/** One line in each table. Whatever is made of the lists must be loaded after it: this stands first in a program of its own. */
(SYSTEMS as unknown as string[]).push(TOY.system);
(MATERIALS as unknown as string[]).push(TOY.material);
(TUBE_JOINS as unknown as string[]).push(TOY.join);
Object.assign(JOINS, { [TOY.join]: toyRing });
Object.assign(MATERIAL_TRAITS, toyMaterials);
Object.assign(CRAFTS, { [TOY.system]: toyPipe });
