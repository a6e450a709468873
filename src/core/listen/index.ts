export { readEar, storedEar } from './earFile.ts';
export { cracksStandOut, type GearEar, gearEar, type HeardOfRoast, soundsClear } from './knownGear.ts';
export { type HeardCrack, Listener, type ListenerState } from './listener.ts';
export { Course, type CrackCourse, type CrackKind } from './milestones.ts';
export { type Ear, judged, type Net, slopeAt, standardised } from './net.ts';
export { Onsets } from './onsets.ts';
export { RenderedBeans, type RenderedCrack } from './rendered.ts';
export { AdaptiveThreshold } from './threshold.ts';
