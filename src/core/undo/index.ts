export { digest } from './digest.ts';
export { takeBack } from './takeBack.ts';
