export { digest } from './digest.ts';
export { type TakenBack, takeBack } from './takeBack.ts';
