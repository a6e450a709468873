export { type Case, type CaseFacts, caseOf } from './case.ts';
export { type Complaint, complaintNames, complaints, complaintsOfCups, complaintsOfNote } from './complaints.ts';
export { type Diagnosis, diagnose, type Finding } from './diagnose.ts';
export { type FindingId, findingIds, findingNames } from './findingNames.ts';
export { type InterviewQuestion, interviewFor } from './interview.ts';
export type { Proposal, Rule, Sign } from './rule.ts';
export { rules } from './rules/index.ts';
