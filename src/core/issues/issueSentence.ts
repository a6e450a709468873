import { assertNever, type Issue } from './issue.ts';

/** The sentence a person reads: what was wrong and what to do. */
export function issueSentence(issue: Issue): string {
  switch (issue.code) {
    case 'empty':
      return `Fill this in: ${issue.expected}.`;
    case 'notANumber':
      return `“${issue.text}” is not an amount. Write it like ${issue.example}.`;
    case 'noSpan':
      return `“${issue.text}”: for how long? Write it like “${issue.text} for a week”.`;
    case 'unknownUnit':
      return `“${issue.unit}” is no unit known here. Use ${issue.known.join(', ')}.`;
    case 'outOfRange':
      return `${issue.value} is outside what can be: between ${issue.least} and ${issue.most}.`;
    case 'notAClock':
      return `“${issue.text}” is not a time. Write minutes and seconds like 7:42.`;
    case 'notADay':
      return `“${issue.text}” is not a day. Write it like 21 Nov or 2026-11-21.`;
    case 'unknownName':
      return `No ${issue.what} is called “${issue.text}”. ${issue.known.length > 0 ? `Write ${issue.known.join(', ')}.` : 'Add it first.'}`;
    case 'outOfOrder':
      return `${issue.what} comes before ${issue.before}: which of the two is wrong?`;
    case 'notJson':
      return `This file cannot be read as a notebook (${issue.detail}). Choose a file that Gander saved.`;
    case 'notOurs':
      return `This is not a Gander notebook: ${issue.found}. Choose a file that Gander saved.`;
    case 'newer':
      return `This notebook is of version ${issue.version}; this Gander reads up to version ${issue.known}. Update Gander, then load it again.`;
    case 'shape':
      return `${placeOf(issue.path)}: ${issue.detail}.`;
    case 'dangling':
      return `${placeOf(issue.path)}: it refers to the ${issue.wanted} “${issue.id}”, which the file does not hold.`;
    default:
      return assertNever(issue);
  }
}

function placeOf(path: Issue['path']): string {
  return path.length === 0
    ? 'The file'
    : path.map((part) => (typeof part === 'number' ? `no. ${part + 1}` : part)).join(' › ');
}
