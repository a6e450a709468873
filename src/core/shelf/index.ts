export { drinkingWindow, type RestSchool, restSchools, type Window } from './rest.ts';
