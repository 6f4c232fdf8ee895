import { PE_SIZES, COPPER_SIZES, CSST_SIZES } from './src/lib/core/ends/size.ts';
import { getPeFigures, getCopperOutside, STEEL_PRESS_SIZES } from './src/lib/core/catalogue/tube-sizes.ts';
console.log(PE_SIZES.map(s=>s+' '+(getPeFigures(s).outside/25.4e6).toFixed(3)+'/'+(getPeFigures(s).wall/25.4e6).toFixed(3)).join('; '));
console.log(COPPER_SIZES.map(s=>s+' '+(getCopperOutside(s)/25.4e6).toFixed(3)).join('; '));
console.log(STEEL_PRESS_SIZES);
