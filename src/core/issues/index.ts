export { assertNever, failure, type Issue, type Result, success } from './issue.ts';
export { issueSentence } from './issueSentence.ts';
