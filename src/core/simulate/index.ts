export { brownedToC, shadeAtC, shadeC, toneAtC } from './browning.ts';
export { type GearModel, gearModels } from './gearModel.ts';
export { manyHouseholds } from './households.ts';
export { integrateInPlace, rungeKuttaInPlace } from './integrate.ts';
export { beanC, type Drive, ratesInto, STATE as S, STATE_SIZE, specificHeat } from './physics.ts';

export { SimulatedProbe, usualProbe } from './probe.ts';
export type { SimulationSetUp } from './setUp.ts';
export { type Ending, type Operator as Hand, type SimulatedRoast, simulateRoast } from './simulateRoast.ts';
export { type BeansNow, Simulation } from './simulation.ts';
export { type DrawnTray, drawTray } from './tray/drawTray.ts';
export { seedOf, trayPhoto, trayWishOf } from './tray/trayOf.ts';
export { type TrayPair, trayPair } from './tray/trayPair.ts';
export { besidePaper, grounds, layBeans, paperBeside, type TrayScene, type TrayWish } from './tray/trayScene.ts';
export { type WhatIf, type WhatIfAnswer, whatIf } from './whatIf.ts';
