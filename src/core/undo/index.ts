export { type TakenBack, takeBack } from './takeBack.ts';
