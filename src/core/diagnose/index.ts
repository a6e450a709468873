export { type Case, type CaseFacts, caseOf } from './case.ts';
export { type Complaint, complaintNames, complaintsOfCups, type LookComplaint, usualChanges } from './complaints.ts';
export { type Diagnosis, diagnose, type Finding } from './diagnose.ts';
export { type FindingId, findingIds, findingNames } from './findingNames.ts';
export { type InterviewQuestion, interviewFor } from './interview.ts';

export { rules } from './rules/index.ts';
