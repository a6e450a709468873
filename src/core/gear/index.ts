export { judgeBatch, nextBatchToTry } from './batchSize.ts';
export {
  type ControlKey,
  controlCatalogue,
  controlKeyNames,
  controlKeyOf,
  controlKeys,
  MOST_CONTROLS,
} from './controlCatalogue.ts';
export { type Control, controlSchema } from './controls.ts';
export { initialValue, proposedValue, steppedValue, storedValue, valuesOf } from './controlValues.ts';
export { type Gear, gearSchema } from './gear.ts';
export {
  controlsOf,
  coolDownMinOf,
  coolsForS,
  gramsOnTray,
  largestGramsOf,
  proposedGreen,
  traysOf,
  usualGramsOf,
} from './gearFigures.ts';
export {
  type MethodId,
  methodIds,
  type Place,
  places,
  ventilationNames,
  ventilations,
} from './gearKinds.ts';
export { type HeatControl, heatControl } from './heatControl.ts';
export { type Method, methodOf, type UsualSeconds } from './methods.ts';
export { type GearReminder, parseReminders, reminderLine, remindersOf } from './reminders.ts';
export { settingWords, valueWords } from './settingWords.ts';
